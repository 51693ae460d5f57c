using OpenQA.Selenium;

namespace BurlyRidge.Browser.Tests;

/// <summary>Every screen there is, by a name, and how to get to it.</summary>
internal static class Screens
{
    public static IReadOnlyList<string> All { get; } =
    [
        "yard", "walkaround", "measures", "parts", "ways", "a way", "candidates", "vehicle", "electrics", "a bracket", "own lamp", "a wire to a part", "find", "reroute", "lines", "a lead judged",
        "wired line", "lamp station", "diagram", "start", "sizes", "rules", "panel", "factory leads", "bench", "a reel", "sleeves", "parts to buy", "an item", "cost", "bought harness", "entering a harness", "builds", "run sheet", "a live window", "run sheet log", "a step taken back", "power up", "readings", "turn-over", "a fault looked for", "training", "a lesson", "a lesson done", "faults", "finding a wire", "beam", "glare", "wall", "set-ups", "hand over", "as built", "own words", "pack photos", "labels", "handed over", "ledger", "accepting", "quick size",
        "history", "going back", "details", "new job", "wishes", "conditions", "archive", "deleting", "archived job", "conflict", "help", "glossary", "term", "tour", "a refused field", "refused sizes",
        "wiring to print", "legends to print", "cut list to print", "cards to print", "quote to print", "run sheet to print", "aim sheet to print",
    ];

    /// <summary>Opens a screen of the demo jobs.</summary>
    public static void Show(Page page, string screen)
    {
        if (page.Driver.Url.StartsWith("http", StringComparison.Ordinal)) page.Run("localStorage.removeItem('tour-step')");
        page.Open(screen is "quick size" or "refused sizes" ? "/quick-size" : screen is "glossary" ? "/glossary?term=relay" : "/");
        switch (screen)
        {
            case "walkaround" or "measures" or "parts" or "ways" or "a way" or "candidates" or "vehicle" or "electrics" or "a bracket" or "a wire to a part" or "find" or "reroute":
                page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
                page.Find(By.CssSelector("[data-figure='Wire']"));
                page.Key("1");
                page.Find(By.CssSelector("[aria-label='The vehicle from above']"));
                WalkaroundView(page, screen);
                break;
            case "lines":
                page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
                page.Find(By.CssSelector("[data-figure='Wire']"));
                break;
            case "a lead judged":
                page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
                page.Find(By.XPath("//nav[@aria-label = 'Lines']//button[contains(., 'Plough lamps')]")).Click();
                page.Find(By.CssSelector("[data-station='box-o6-to-plough-l-plus']")).Click();
                page.Find(By.CssSelector("[data-wire]"));
                break;
            case "sizes":
                page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
                page.PressForAll("Resize all wiring…");
                page.Find(By.XPath("//*[@role='dialog']//li[contains(., 'AWG')]"));
                break;
            case "wired line" or "lamp station" or "diagram":
                page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
                page.Find(By.XPath("//nav[@aria-label = 'Lines']//button[contains(., 'Rear work lamps')]")).Click();
                page.Find(By.CssSelector("[data-station='plug-work']"));
                page.Find(By.CssSelector("[data-wire]"));
                if (screen == "lamp station") page.Find(By.CssSelector("[data-station='work-l.main']")).Click();
                if (screen != "diagram") break;
                page.Press("Diagram");
                page.Find(By.CssSelector("[data-diagram] svg"));
                break;
            case "start" or "own lamp":
                page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
                page.Press("Start from a lamp…");
                page.Find(By.CssSelector("[data-lamp='square-pod'] input")).Click();
                page.Find(By.CssSelector("[data-template='power-box']"));
                if (screen == "start") break;
                page.Find(By.XPath("//summary[. = 'Add a lamp of your own']")).Click();
                page.Press("Enter its size and how it is held");
                page.Field("Width");
                break;
            case "rules":
                page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
                page.PressForAll("House rules of this job…");
                page.Type("Wire margin", "60");
                page.Find(By.XPath("//*[@data-rule-changes]//*[contains(., 'change')]"));
                break;
            case "panel" or "factory leads":
                page.Find(By.XPath($"//article[@aria-label = '{(screen == "panel" ? "Snow-road rescue wagon" : "Orchard spray pickup")}']//a")).Click();
                page.Find(By.CssSelector("[data-figure='Wire']"));
                page.Key("3");
                page.Find(By.CssSelector("[data-output]"));
                if (screen == "panel") break;
                page.Find(By.CssSelector("[data-lead]"));
                break;
            case "bench" or "a reel" or "sleeves" or "parts to buy":
                page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
                page.Find(By.CssSelector("[data-figure='Wire']"));
                page.Key("4");
                page.Find(By.CssSelector("[data-bench-wire]"));
                if (screen == "bench") break;
                page.Find(By.XPath($"//nav[@aria-label = 'What is built']//button[starts-with(., '{(screen == "a reel" ? "16 AWG, violet" : screen == "sleeves" ? "Sleeves and ties" : "Parts")}')]")).Click();
                page.Find(By.CssSelector(screen == "a reel" ? "[data-figure='Buy']" : screen == "sleeves" ? "[data-lane]" : "table"));
                break;
            case "an item" or "cost" or "bought harness" or "entering a harness" or "builds":
                var on = screen is "bought harness" or "entering a harness" ? "Orchard spray pickup" : "Snow-road rescue wagon";
                var there = page.Find(By.XPath($"//article[@aria-label = '{on}']//a")).GetAttribute("href")!.Split('/')[4];
                page.Open($"/jobs/{there}/bench?show={screen switch { "an item" => "parts", "cost" => "cost", "builds" => "compare", _ => "kit" }}");
                if (screen == "an item")
                {
                    page.Find(By.CssSelector("tr[data-item] button")).Click();
                    page.Find(By.CssSelector("[data-item-card]"));
                }
                if (screen == "cost") page.Find(By.CssSelector("[data-figure='gross']"));
                if (screen == "builds") page.Find(By.CssSelector("tr[data-row='price']"));
                if (screen is not ("bought harness" or "entering a harness")) break;
                page.Choose("For the line", "Driving pair on the beam");
                page.Choose("Harness", "Beam harness, pair");
                page.ChooseValue("Pulled in by", "highBeam");
                page.Find(By.XPath("//*[@data-figure = 'Works'][contains(., 'Converted it does')]"));
                if (screen == "bought harness") break;
                page.Press("Enter a harness");
                page.Find(By.CssSelector("[data-kit-form]"));
                break;
            case "run sheet" or "a live window" or "run sheet log" or "a step taken back":
                RunSheet(page, screen);
                break;
            case "power up" or "readings" or "turn-over" or "a fault looked for" or "faults" or "finding a wire":
                PowerUp(page, screen);
                break;
            case "beam" or "glare" or "wall" or "set-ups":
                Beam(page, screen);
                break;
            case "hand over" or "as built" or "own words" or "pack photos" or "labels" or "handed over":
                HandOver(page, screen);
                break;
            case "aim sheet to print" or "run sheet to print" or "wiring to print" or "legends to print" or "cut list to print" or "cards to print" or "quote to print":
                var job = page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).GetAttribute("href")!.Split('/')[4];
                page.Open($"/api/jobs/{job}/{screen switch { "wiring to print" => "diagram", "legends to print" => "legends", "cards to print" => "harness-cards", "quote to print" => "quote", "run sheet to print" => "run-sheet", "aim sheet to print" => "aim-sheet", _ => "cut-list" }}.html");
                page.Find(By.CssSelector(screen switch { "cut list to print" or "cards to print" => "tr[data-wire]", "quote to print" => "tr[data-item]", "run sheet to print" => "li[data-step]", _ => "svg" }));
                break;
            case "ledger" or "accepting":
                page.Find(By.XPath("//article[@aria-label = 'Orchard spray pickup']//a")).Click();
                page.Find(By.CssSelector("[data-figure='Wire']"));
                page.Key("v");
                page.Find(By.CssSelector("[data-state='parked']"));
                if (screen != "accepting") break;
                page.Find(By.XPath("//button[starts-with(@aria-label, 'Accept: ')]")).Click();
                page.Field("Why it may stay");
                break;
            case "training" or "a lesson" or "a lesson done":
                page.Find(By.CssSelector("a[href='/training']")).Click();
                page.Find(By.CssSelector("[data-exercise]"));
                if (screen != "training") Practise(page, done: screen == "a lesson done");
                break;
            case "quick size" or "refused sizes":
                page.Find(By.CssSelector("[data-figure='Wire']"));
                if (screen == "quick size") break;
                page.Type("One-way length", "0");
                page.Find(By.XPath("//*[@role = 'alert'][contains(., 'above 0')]"));
                break;
            case "history" or "going back" or "help" or "term":
                page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).Click();
                page.Find(By.CssSelector("[data-figure='Wire']"));
                JobView(page, screen);
                break;
            case "conflict" or "a refused field":
                OwnJob(page, screen);
                if (screen == "conflict") Conflict(page);
                else page.Type("One-way length", "-4");
                page.Find(By.CssSelector(screen == "conflict" ? "[role='dialog'] table" : "[aria-invalid='true']"));
                break;
            case "details":
                page.Press("Details of Snow-road rescue wagon");
                page.Field("Number plate");
                break;
            case "new job" or "wishes" or "conditions":
                page.Press("New job");
                page.Find(By.CssSelector("[data-body='dualCab']")).Click();
                foreach (var light in new[] { "farAhead", "verge", "backingUp", "roundTheBed" }) page.Find(By.CssSelector($"[data-light='{light}'] button")).Click();
                if (screen == "new job") break;
                page.Press("Propose a plan");
                page.Find(By.CssSelector("[data-plans='found'] [data-plan]"));
                if (screen == "conditions") page.Find(By.CssSelector("[role='tab'][data-state='inactive']")).Click();
                break;
            case "archive" or "deleting" or "archived job":
                Archived(page, screen);
                break;
            case "glossary":
                page.Find(By.Id("term-relay"));
                break;
            case "tour":
                page.Press("Help");
                page.Press("Start the tour");
                page.Press("Next");
                page.Find(By.XPath("//section[@aria-label = 'Tour'][contains(., '2/6')]"));
                page.Find(By.CssSelector("[data-tour='vehicle']"));
                break;
            default:
                page.Find(By.TagName("article"));
                break;
        }
    }

    /// <summary>From the lines of a job to one of its dialogs.</summary>
    private static void JobView(Page page, string screen)
    {
        switch (screen)
        {
            case "history" or "going back":
                page.Type("Behind the front", screen == "history" ? "1.1" : "1.2");
                page.UntilSaved();
                page.Press("History");
                page.Find(By.XPath("//ul[@aria-label = 'Revisions']/li[2]/button")).Click();
                page.Find(By.XPath("//section[@aria-label = 'What going back changes']//table"));
                if (screen == "going back") page.Find(By.XPath("//button[starts-with(., 'Go back to revision')]")).Click();
                break;
            case "help":
                page.Press("Help");
                page.Find(By.XPath("//button[. = 'Start the tour']"));
                break;
            case "term":
                page.Find(By.XPath("//button[@aria-label = 'What is Trigger?']")).Click();
                page.Find(By.XPath("//*[@role = 'dialog'][contains(., 'All terms')]"));
                break;
        }
    }

    /// <summary>A job of its own: what is not stored of it stays with it.</summary>
    private static void OwnJob(Page page, string name)
    {
        page.Press("New job");
        page.Type("Vehicle name", name);
        page.Press("Open the job");
        page.Press("Quick-plan a line");
        page.Find(By.CssSelector("[data-figure='Wire']"));
        page.UntilSaved();
    }

    private static void RunSheet(Page page, string screen)
    {
        var job = page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).GetAttribute("href")!.Split('/')[4];
        page.Open($"/jobs/{job}/run-sheet{screen switch { "a live window" => "?step=window-try-open", "a step taken back" => "?step=cover-off-grille", "run sheet log" => "?step=cover-on-grille", _ => "" }}");
        page.Find(By.CssSelector("[data-shown-step]"));
        if (screen != "a live window") page.Find(By.CssSelector("[data-mark]"));
        if (screen != "run sheet log") return;
        page.Run("for (const folded of document.querySelectorAll('aside details')) folded.open = true");
        page.Find(By.CssSelector("[data-fastener]"));
    }

    private static void PowerUp(Page page, string screen)
    {
        var job = page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).GetAttribute("href")!.Split('/')[4];
        page.Open($"/jobs/{job}/power-up");
        page.Find(By.CssSelector("section fieldset label")).Click();
        page.Find(By.CssSelector("[data-slot='box.o1']")).Click();
        page.Find(By.CssSelector("[data-lit]"));
        page.Find(By.CssSelector("[data-note='turned']"));
        if (screen == "a fault looked for") LookForAFault(page);
        // What runs on is never twice the same.
        page.Press("Pause");
        if (screen is "readings" or "finding a wire")
        {
            page.Key("r");
            page.Find(By.CssSelector("[data-reading-key]"));
        }
        if (screen == "turn-over")
        {
            page.Key("o");
            page.Find(By.CssSelector("[data-turn]"));
        }
        if (screen == "faults") page.Key("f");
        if (screen != "finding a wire") return;
        page.Press("Find a wire of the vehicle…");
        page.Find(By.CssSelector("[data-pin]"));
    }

    /// <summary>The lamps of the simulated vehicle looked at, and one reading taken.</summary>
    private static void Practise(Page page, bool done)
    {
        page.Find(By.CssSelector("[data-exercise]:nth-of-type(3) button")).Click();
        page.Find(By.CssSelector("[data-lesson='open'] input[type='checkbox']")).Click();
        page.Find(By.CssSelector("[data-slot='box.o3']")).Click();
        page.Find(By.CssSelector("[data-lit='work-l']"));
        page.Find(By.CssSelector("[data-tester-read]")).Click();
        page.Find(By.CssSelector("[data-step='1']"));
        if (!done) return;
        page.Key("f");
        page.Find(By.CssSelector("[data-suspect='post-loose:battery'] button")).Click();
        page.Find(By.CssSelector("[data-step='2']"));
        page.Find(By.CssSelector("[data-suspect='earth-on-paint:stud-rear'] button")).Click();
        page.Find(By.CssSelector("[data-lesson='found'] [data-compared]"));
    }

    private static void LookForAFault(Page page)
    {
        page.Key("d");
        page.Find(By.CssSelector("[data-find='found'] input[type='checkbox']")).Click();
        page.Press("Look at all lamps here");
        page.Until(() => page.Has(By.CssSelector("[data-find='found'] [data-stage='open']")) && page.Has(By.CssSelector("[data-next] form")), "a reading is asked for");
        page.Press("Read it here");
        page.Find(By.CssSelector("[data-taken]"));
        page.Find(By.CssSelector("[data-find='found']"));
    }

    private static void Beam(Page page, string screen)
    {
        var job = page.Find(By.XPath("//article[@aria-label = 'Snow-road rescue wagon']//a")).GetAttribute("href")!.Split('/')[4];
        page.Open($"/jobs/{job}/beam");
        page.Find(By.CssSelector("[data-eye-line]"));
        page.Find(By.CssSelector("[data-lux='1']"));
        if (screen == "beam") return;
        page.Key(screen switch { "glare" => "g", "wall" => "w", _ => "s" });
        page.Find(By.CssSelector(screen switch { "glare" => "[data-glare]", "wall" => "[data-mark]", _ => "[data-setup]" }));
    }

    private static void HandOver(Page page, string screen)
    {
        var name = screen is "hand over" or "own words" or "as built" ? "Snow-road rescue wagon" : "Warden's short wagon";
        var job = page.Find(By.XPath($"//article[@aria-label = \"{name}\"]//a")).GetAttribute("href")!.Split('/')[4];
        page.Open($"/jobs/{job}/hand-over");
        page.Find(By.CssSelector("[data-sheet] svg"));
        page.Find(By.CssSelector(screen is "hand over" or "own words" or "as built" ? "[data-obstacles]" : "[data-signed]"));
        if (screen is "hand over") return;
        page.Find(By.XPath($"//*[@role = 'tab'][. = '{screen switch { "as built" => "As built", "own words" => "Words", "pack photos" => "Photos", "labels" => "Labels", _ => "Archive" }}']")).Click();
        page.Find(By.CssSelector(screen switch { "as built" => "[data-built]", "own words" => "[data-own='owner']", "pack photos" => "[data-photos] img", "labels" => "[data-sheet] [data-label]", _ => "[data-later] button" }));
    }

    private static void Conflict(Page page)
    {
        var first = page.Driver.CurrentWindowHandle;
        var address = new Uri(page.Driver.Url).PathAndQuery;
        page.Driver.SwitchTo().NewWindow(WindowType.Tab);
        page.Open(address);
        page.Type("Behind the front", "1.3");
        page.UntilSaved();
        page.Driver.Close();
        page.Driver.SwitchTo().Window(first);
        page.Type("Behind the front", "1.4");
        page.Find(By.XPath("//*[@role = 'dialog']//table//tr[contains(., '1.3')][contains(., '1.4')]"));
    }

    private static void Archived(Page page, string screen)
    {
        var name = $"Put away {screen}";
        page.Press("New job");
        page.Type("Vehicle name", name);
        page.Press("Open the job");
        page.Find(By.XPath("//button[normalize-space() = 'Quick-plan a line']"));
        page.Open("/");
        page.Press($"Archive {name}");
        page.Press("Show the archive");
        page.Find(By.XPath($"//article[@aria-label = '{name}']"));
        if (screen == "deleting")
        {
            page.Find(By.XPath($"//article[@aria-label = '{name}']//button[contains(., 'Delete')]")).Click();
            page.Press("Delete permanently");
            page.Find(By.XPath("//*[@role = 'alert'][contains(., 'Nothing was deleted.')]"));
        }
        if (screen != "archived job") return;
        page.Find(By.XPath($"//article[@aria-label = '{name}']//h2")).Click();
        page.Find(By.XPath("//*[@role = 'status'][contains(., 'This job is in the archive.')]"));
    }

    /// <summary>From the drawing to one of the faces of the walkaround.</summary>
    private static void WalkaroundView(Page page, string screen)
    {
        switch (screen)
        {
            case "measures":
                page.Find(By.XPath("//summary[. = 'Measures']")).Click();
                page.Field("Width between obstructions");
                break;
            case "parts":
                page.Key("p");
                page.Find(By.CssSelector("[data-part='box']")).Click();
                page.Field("Box sits at");
                break;
            case "ways":
                page.Key("w");
                page.Find(By.CssSelector("[data-figure='Routed']"));
                break;
            case "a way":
                page.Key("w");
                page.Find(By.XPath("//ul[@aria-label = 'Routes']//button[contains(., 'Roof bar')]")).Click();
                page.Field("Measured by hand, counts instead");
                break;
            case "candidates":
                page.Press("What fits here…");
                page.Find(By.CssSelector("[data-lamp]"));
                break;
            case "vehicle":
                page.Key("b");
                foreach (var name in new[] { "Stations", "Lanes", "Locations for parts" }) page.Find(By.XPath($"//summary[starts-with(., '{name}')]")).Click();
                foreach (var list in new[] { "stations", "lanes", "spaces" }) page.Find(By.XPath($"//*[@data-body-list = '{list}']//summary")).Click();
                page.Find(By.CssSelector("[data-body-list='spaces'] [data-field='inReach']"));
                break;
            case "a bracket":
                page.Key("p");
                page.Find(By.CssSelector("[data-part='plough-l']")).Click();
                page.Find(By.CssSelector("[data-field='bracket'] [data-field='goesOn']"));
                break;
            case "electrics":
                page.Key("e");
                foreach (var name in new[] { "Signals", "Fuse slots" }) page.Find(By.XPath($"//summary[. = '{name}']")).Click();
                page.Find(By.CssSelector("[data-signal='highBeam']"));
                break;
            case "a wire to a part":
                page.Key("p");
                page.Find(By.CssSelector("[data-part='main-fuse']")).Click();
                page.Find(By.CssSelector("[data-terminal='main-fuse.out'] button[aria-label^='Add a wire']")).Click();
                page.Find(By.XPath("//button[. = 'Add the wire']"));
                break;
            case "find":
                page.Key("/");
                page.Field("Part of a name");
                break;
            case "reroute":
                page.Key("w");
                page.Press("Re-route all wires…");
                page.Find(By.XPath("//button[. = 'Cancel']"));
                break;
        }
    }
}
