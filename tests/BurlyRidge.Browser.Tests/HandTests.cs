using System.Text.Json;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support.Shapes;
using OpenQA.Selenium;
using OpenQA.Selenium.Support.UI;

namespace BurlyRidge.Browser.Tests;

/// <summary>Wirings built part by part and wire by wire from the page alone, held to the circuit of the shape that they are.</summary>
public class HandTests(Workshop workshop) : IClassFixture<Workshop>
{
    private readonly Page page = workshop.Page;
    private readonly Dictionary<string, string> ids = new(StringComparer.Ordinal) { ["battery"] = "battery", ["highBeam"] = "highBeam", ["sideLight"] = "sideLight", ["reverse"] = "reverse" };

    [Fact]
    public void A_pair_on_a_negative_switched_beam()
    {
        var shape = Shape("negative-switched, coil turned round");
        NewJob("Negative beam by hand");
        Electrics("Signals");
        Choose("[data-signal='highBeam'] [data-field='switched'] select", "minus");
        Set("[data-signal='highBeam'] [data-field='watts'] input", "110");
        page.UntilSaved();
        page.Key("p");
        Add("f", "Fuse", ("fuse'] [data-field='ratingAmps", "15"));
        Add("k", "Relay");
        Tick("coilDiode");
        Add("s", "Switch", ("ratingAmps", "5"));
        page.Find(By.XPath("//summary[. = 'Lamps in it']")).Click();
        page.Press("Add a lamp");
        Set("[data-switch-lamp] [data-field='plus'] input", "in");
        page.UntilSaved();
        Add("left", "Lamp", ("watts", "60"));
        Light("A new line");
        Add("right", "Lamp", ("watts", "60"));
        Light("Lamp");
        Add("e", "Earth");
        foreach (var run in shape.Rig.Runs) Wire(run);
        HeldTo(shape, "left.main", "right.main");
    }

    [Fact]
    public void A_relay_that_asks_for_a_factory_output_and_the_high_beam()
    {
        var shape = Shape("contact fed by a factory output");
        NewJob("Output and beam by hand");
        Electrics("The vehicle's own outputs");
        foreach (var output in shape.Rig.Vehicle.AuxOutputs)
        {
            var known = Outputs();
            page.Press("Add an output");
            page.Until(() => Outputs().Count > known.Count, "the output is there");
            var id = Outputs().Except(known).Single();
            ids[output.Id] = id;
            if (!page.Has(By.CssSelector($"[data-vehicle-part='{id}']"))) page.Find(By.CssSelector("[data-list='vehicle.auxOutputs'] details:last-of-type summary")).Click();
            Set($"[data-vehicle-part='{id}'] [data-field='ratingAmps'] input", $"{output.RatingAmps}");
            Set($"[data-vehicle-part='{id}'] [data-field='leadWire'] input", output.LeadWire);
            Choose($"[data-vehicle-part='{id}'] [data-field='feed'] select", output.Feed.ToString().ToLowerInvariant());
            page.UntilSaved();
        }
        page.Key("p");
        Add("k", "Relay");
        Add("bar", "Lamp", ("watts", "200"));
        Light("A new line");
        Add("e", "Earth");
        foreach (var run in shape.Rig.Runs) Wire(run);
        HeldTo(shape, "bar.main");
    }

    private static readonly (Zone Zone, string Word)[] Zones =
        [(Zone.EngineBay, "Engine bay"), (Zone.Cabin, "Cabin"), (Zone.Exterior, "Exterior"), (Zone.Underbody, "Underbody")];

    private static Shape Shape(string name) => AllShapes.All.Single(shape => shape.Name.StartsWith(name, StringComparison.Ordinal));

    private void NewJob(string name)
    {
        page.Open("/");
        page.Press("New job");
        page.Type("Vehicle name", name);
        page.Press("Open the job");
        page.Find(By.XPath("//button[normalize-space() = 'Start from a lamp…']"));
        page.Key("1");
    }

    private void Electrics(string section)
    {
        page.Key("e");
        page.Find(By.XPath($"//summary[. = \"{section}\"]")).Click();
    }

    private List<string> Outputs() => [.. Rig().Vehicle.AuxOutputs.Select(part => part.Id)];

    /// <summary>Puts a part in and fills in fields of it by their names in the document.</summary>
    private void Add(string shaped, string kind, params (string Key, string Text)[] fields)
    {
        var known = Parts();
        page.Choose("Kind of part", kind);
        page.Press("Add the part");
        page.Until(() => Parts().Count > known.Count, $"{kind} is there");
        var id = Parts().Except(known).Single();
        ids[shaped] = id;
        page.Find(By.CssSelector($"[data-part='{id}'][aria-pressed='true']"));
        foreach (var (key, text) in fields) Set($"[data-field='{key}'] input", text);
        page.UntilSaved();
    }

    private List<string> Parts() => [.. page.Driver.FindElements(By.CssSelector("[data-part]")).Select(button => button.GetAttribute("data-part")!)];

    private void Light(string line)
    {
        page.Choose("Lit by", line);
        page.UntilSaved();
    }

    private void Tick(string key)
    {
        page.Find(By.CssSelector($"[data-field='{key}'] input")).Click();
        page.UntilSaved();
    }

    private void Set(string field, string text)
    {
        var input = page.Find(By.CssSelector(field));
        input.SendKeys(Keys.Control + "a");
        input.SendKeys(text);
    }

    private void Choose(string field, string value) => new SelectElement(page.Find(By.CssSelector(field))).SelectByValue(value);

    private string Terminal(string terminal) => TerminalIndex.Split(terminal) is var (part, pin) && pin.Length > 0 ? $"{ids[part]}.{pin}" : ids[part];

    /// <summary>Lays a wire from the end of it that is on a part that was fitted, and gives it size and length.</summary>
    private void Wire(Run run)
    {
        var fitted = Parts();
        var (start, end) = fitted.Contains(ids[TerminalIndex.Split(run.From).Part]) ? (Terminal(run.From), Terminal(run.To)) : (Terminal(run.To), Terminal(run.From));
        page.Find(By.CssSelector($"[data-part='{TerminalIndex.Split(start).Part}']")).Click();
        var wires = By.CssSelector($"[data-terminal='{start}'] [data-wire]");
        var before = page.Driver.FindElements(wires).Count;
        page.Find(By.CssSelector($"[data-terminal='{start}'] button[aria-label^='Add a wire']")).Click();
        var dialog = page.Find(By.CssSelector("[role='dialog']"));
        new SelectElement(dialog.FindElements(By.TagName("select"))[0]).SelectByValue(TerminalIndex.Split(end).Part);
        if (dialog.FindElements(By.TagName("select")) is [_, var pin]) new SelectElement(pin).SelectByValue(end);
        page.Press("Add the wire");
        page.Until(() => page.Driver.FindElements(wires).Count > before, $"{start} has its wire");
        page.Driver.FindElements(wires)[^1].FindElement(By.CssSelector("button[aria-expanded]")).Click();
        Set($"[data-terminal='{start}'] [data-field='wire'] input", run.Wire);
        Set($"[data-terminal='{start}'] [data-field='lengthMetres'] input", FormattableString.Invariant($"{run.LengthMetres}"));
        // The zones that it runs through come before those that it does not: it runs through one at least.
        foreach (var (zone, word) in Zones.OrderByDescending(pair => run.Zones.Contains(pair.Zone)))
            if (page.Find(By.XPath($"//*[@data-terminal = '{start}']//label[normalize-space() = '{word}']/input")) is var box && box.Selected != run.Zones.Contains(zone)) box.Click();
        page.UntilSaved();
        page.Driver.FindElement(By.CssSelector($"[data-terminal='{start}'] button[aria-expanded='true']")).Click();
    }

    private Rig Rig()
    {
        page.UntilSaved();
        var job = new Uri(page.Driver.Url).AbsolutePath.Split('/')[2];
        var answer = (string)((IJavaScriptExecutor)page.Driver).ExecuteAsyncScript("const done = arguments[1]; fetch('/api/jobs/' + arguments[0]).then((came) => came.text()).then(done)", job)!;
        return JsonNode.Parse(answer)!["rig"]!.Deserialize<Rig>(JsonRules.Stored)!;
    }

    /// <summary>What is stored lights its lamps in every state as the shape does: the same volts at every one of them.</summary>
    private void HeldTo(Shape shape, params string[] lamps)
    {
        var built = Rig();
        Assert.Empty(RigValidation.Validate(built).Select(problem => $"{problem}"));
        Assert.Equal(lamps.Select(Terminal).Order(), built.Lines.SelectMany(line => line.Lights).Order());
        foreach (var state in shape.States)
        {
            var (theirs, own) = (HarnessCompiler.Solve(shape.Rig, state), HarnessCompiler.Solve(built, state with
            {
                Switches = state.Switches.ToDictionary(pair => ids[pair.Key], pair => pair.Value),
                Pressed = [.. state.Pressed.Select(slot => ids[slot])],
            }));
            foreach (var end in shape.Rig.Runs.SelectMany(run => run.Ends()).Distinct())
                Assert.Equal(theirs.Volts(end), own.Volts(Terminal(end)), 1e-6);
        }
    }
}
