using System.Text.Json;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using OpenQA.Selenium;
using OpenQA.Selenium.Support.UI;

namespace BurlyRidge.Browser.Tests;

/// <summary>Builds a wiring in a job that is open, from the page alone: parts, their fields, wires, what lights.</summary>
internal sealed class ByPage(Page page)
{
    /// <summary>Lists of the vehicle's own, with the section that they stand in and what adds to them.</summary>
    private static readonly (string List, string Section, string Another)[] OfVehicle =
    [
        ("vehicle.batteries", "Supply", "Add a battery"),
        ("vehicle.fuseSlots", "Fuse slots", "Add a fuse slot"),
        ("vehicle.trailerPins", "Trailer socket", "Add a pin"),
        ("vehicle.auxOutputs", "The vehicle's own outputs", "Add an output"),
        ("vehicle.passThroughs", "Spare leads", "Add a spare lead"),
    ];

    private static readonly Dictionary<string, string> Kinds = new()
    {
        ["relays"] = "Relay",
        ["protection"] = "Fuse",
        ["switches"] = "Switch",
        ["fixtures"] = "Lamp",
        ["powerBoxes"] = "Power box",
        ["joints"] = "Joint or plug",
        ["earths"] = "Earth",
        ["converters"] = "Charger or converter",
        ["solarPanels"] = "Solar panel",
        ["loads"] = "Other load",
    };

    private static readonly (Zone Zone, string Word)[] Zones =
        [(Zone.EngineBay, "Engine bay"), (Zone.Cabin, "Cabin"), (Zone.Exterior, "Exterior"), (Zone.Underbody, "Underbody")];

    /// <summary>Fractions that the page shows as percent.</summary>
    private static readonly HashSet<string> Percents = ["efficiency", "stateOfCharge", "dutyFraction", "dimFraction"];

    /// <summary>What a circuit does not depend on, and what is set by an act of its own.</summary>
    private static readonly HashSet<string> Others =
        ["id", "name", "on", "slot", "legend", "mode", "fixed", "place", "plus", "minus", "dimPin", "latching", "pinout", "colour", "ratedVolts", "currentSensor"];

    private readonly Dictionary<string, string> ids = new(StringComparer.Ordinal);

    /// <summary>The id on the page of a part of the rig that is built.</summary>
    public string Id(string part) => ids.GetValueOrDefault(part, part);

    /// <summary>The terminal there.</summary>
    public string Terminal(string terminal) => TerminalIndex.Split(terminal) is var (part, pin) && pin.Length > 0 ? $"{Id(part)}.{pin}" : Id(part);

    /// <summary>The state there.</summary>
    public RigState State(RigState state) => state with
    {
        Switches = state.Switches.ToDictionary(pair => Id(pair.Key), pair => pair.Value),
        Pressed = [.. state.Pressed.Select(Terminal)],
    };

    /// <summary>Builds the like of <paramref name="shape"/>.</summary>
    public void Build(Rig shape)
    {
        page.Key("1");
        page.Key("e");
        Signals(shape.Vehicle);
        foreach (var (list, section, another) in OfVehicle) Vehicle(shape, list, section, another);
        if (shape.Vehicle.BatteryLink == BatteryLink.Separate) page.Choose("Batteries linked", "Separate");
        page.UntilSaved();
        page.Key("p");
        var line = "A new line";
        foreach (var (list, kind) in Kinds)
            foreach (var part in Rig.Lists.Single(known => known.Path == list).Of(shape))
            {
                Fitted(part!, list, kind);
                if (part is not Fixture lamp) continue;
                Lit(lamp, line);
                line = "";
            }
        foreach (var wire in shape.Runs) Wire(wire);
    }

    /// <summary>The rig as it is stored.</summary>
    public Rig Stored()
    {
        page.UntilSaved();
        var job = new Uri(page.Driver.Url).AbsolutePath.Split('/')[2];
        var answer = (string)((IJavaScriptExecutor)page.Driver).ExecuteAsyncScript("const done = arguments[1]; fetch('/api/jobs/' + arguments[0]).then((came) => came.text()).then(done)", job)!;
        return JsonNode.Parse(answer)!["rig"]!.Deserialize<Rig>(JsonRules.Stored)!;
    }

    private void Signals(Vehicle vehicle)
    {
        page.Find(By.XPath("//summary[. = 'Signals']")).Click();
        Fill("[data-signal='highBeam']", new SignalLamp(), vehicle.HighBeam);
        page.UntilSaved();
    }

    private void Vehicle(Rig shape, string list, string section, string another)
    {
        var wanted = Rig.Lists.Single(known => known.Path == list).Of(shape).ToList();
        if (section != "Supply" && wanted.Count > 0) page.Find(By.XPath($"//summary[. = \"{section}\"]")).Click();
        for (var i = 0; i < wanted.Count; i++)
        {
            var there = Of(list);
            if (there.Count <= i)
            {
                page.Press(another);
                page.UntilSaved();
                there = Of(list);
            }
            ids[wanted[i]!.Id] = there[i].Id;
            var entry = $"[data-vehicle-part='{there[i].Id}']";
            if (!page.Has(By.CssSelector(entry))) page.Find(By.XPath($"(//*[@data-list = '{list}']/details)[{i + 1}]/summary")).Click();
            Fill(entry, there[i], wanted[i]!);
            page.UntilSaved();
        }
    }

    private IReadOnlyList<IPart> Of(string list) => [.. Rig.Lists.Single(known => known.Path == list).Of(Stored()).OfType<IPart>()];

    /// <summary>A part as one of its kind is when it has just been put in.</summary>
    private static IPart Usual(string list, string id)
    {
        var kind = Rig.Lists.Single(known => known.Path == list);
        return kind.Of(kind.Plus(Rig.Empty(12, BurlyRidge.Core.Wording.UnitSystem.Metric), id, "")!).OfType<IPart>().Single(part => part.Id == id);
    }

    private List<string> Parts() => [.. page.Driver.FindElements(By.CssSelector("[data-part]")).Select(button => button.GetAttribute("data-part")!)];

    private void Fitted(IPart part, string list, string kind)
    {
        var known = Parts();
        page.Choose("Kind of part", kind);
        page.Press("Add the part");
        page.Until(() => Parts().Count > known.Count, $"{kind} is there");
        var id = ids[part.Id] = Parts().Except(known).Single();
        page.Find(By.CssSelector($"[data-part='{id}'][aria-pressed='true']"));
        var made = Usual(list, id);
        switch (part, made)
        {
            case (Fixture lamp, Fixture now):
                Lights(lamp, now);
                break;
            case (Relay relay, Relay now):
                Fill("", now, relay);
                Print(relay.Pinout, now.Pinout);
                break;
            case (Switch control, Switch now):
                Fill("", now, control);
                Positions(control, now);
                SwitchLamps(control);
                break;
            case (ProtectiveDevice device, ProtectiveDevice now):
                Fill("[data-field='fuse']", now.Fuse, device.Fuse);
                break;
            case (PowerBox box, PowerBox now):
                Fill("", now, box);
                for (var i = now.Outputs.Count; i > box.Outputs.Count; i--) page.Find(By.CssSelector($"[data-output='{now.Outputs[i - 1].Id}'] button")).Click();
                foreach (var (wanted, output) in box.Outputs.Zip(now.Outputs)) Fill($"[data-output='{output.Id}']", output, wanted);
                break;
            default:
                Fill("", made, part);
                break;
        }
        if (part is Earth { On: { } on }) page.Find(By.XPath("//label[normalize-space() = 'Post of']")).FindElement(By.XPath($"following::select[1]/option[@value = '{Id(on)}']")).Click();
    }

    private void Lights(Fixture lamp, Fixture made)
    {
        Fill("", made, lamp);
        for (var i = 1; i < lamp.Functions.Count; i++) page.Press("Add a second light");
        var now = lamp.Functions.Count == 1 ? made : Of("fixtures").OfType<Fixture>().Single(other => other.Id == made.Id);
        foreach (var (wanted, light) in lamp.Functions.Zip(now.Functions))
        {
            ids[$"{lamp.Id}.{wanted.Id}"] = $"{made.Id}.{light.Id}";
            Fill($"[data-light='{light.Id}']", light, wanted);
            if (wanted.Plus == light.Plus && wanted.DimPin == light.DimPin) continue;
            page.Find(By.CssSelector($"[data-light='{light.Id}'] summary")).Click();
            if (wanted.DimPin is not null) page.Press("A lead that dims it");
            if (wanted.Plus != light.Plus) Name($"[data-light='{light.Id}']", "Lead for plus", wanted.Plus);
        }
    }

    /// <summary>Names the pins as they are printed, by a name in between where two are changed over.</summary>
    private void Print(RelayPinout wanted, RelayPinout now)
    {
        if (wanted == now) return;
        Name("", "Contact, common", "x");
        Name("", "Contact, closed when pulled in", wanted.Open);
        Name("", "Contact, common", wanted.Common);
    }

    private void Name(string within, string label, string name)
    {
        var input = page.Find(By.XPath($"//label[normalize-space() = '{label}']/following::input[1]"));
        if (within.Length > 0) input = page.Find(By.CssSelector(within)).FindElement(By.XPath($".//label[normalize-space() = '{label}']/following::input[1]"));
        input.SendKeys(Keys.Control + "a");
        input.SendKeys(name + Keys.Enter);
        page.UntilSaved();
    }

    private void Positions(Switch wanted, Switch now)
    {
        if (JsonSerializer.Serialize(wanted.Positions) == JsonSerializer.Serialize(now.Positions)) return;
        page.Find(By.XPath("//summary[. = 'Positions and pins']")).Click();
        for (var i = now.Positions.Count; i < wanted.Positions.Count; i++) page.Press("Add a position");
        page.UntilSaved();
        for (var i = 1; i < wanted.Positions.Count; i++)
        {
            var place = $"(//fieldset[.//button[normalize-space() = 'Join two pins']])[{i + 1}]";
            foreach (var (label, text) in new[] { ("Position", wanted.Positions[i].Name), ("Joins pin", wanted.Positions[i].Joins[0].A), ("to pin", wanted.Positions[i].Joins[0].B) })
                if (page.Driver.FindElements(By.XPath($"{place}//label[normalize-space() = '{label}']/following::input[1]")) is [var input, ..]) Typed(input, text);
            page.UntilSaved();
        }
    }

    private void SwitchLamps(Switch wanted)
    {
        if (wanted.Lamps.Count == 0) return;
        page.Find(By.XPath("//summary[. = 'Lamps in it']")).Click();
        foreach (var lamp in wanted.Lamps)
        {
            page.Press("Add a lamp");
            Typed(page.Find(By.CssSelector("fieldset[data-switch-lamp]:last-of-type [data-field='plus'] input")), lamp.Plus);
            Typed(page.Find(By.CssSelector("fieldset[data-switch-lamp]:last-of-type [data-field='minus'] input")), lamp.Minus);
            page.UntilSaved();
        }
    }

    /// <summary>Presses until it shows: what moves as figures come in beside it may be missed, as a person may miss it.</summary>
    private void Pressed(By what, By shows) => page.Until(() =>
    {
        if (page.Has(shows)) return true;
        if (page.Has(By.CssSelector("[role='dialog']"))) page.Press("Cancel");
        page.Find(what).Click();
        return page.Has(shows);
    }, $"{what} is pressed");

    private static void Typed(IWebElement input, string text)
    {
        input.SendKeys(Keys.Control + "a");
        input.SendKeys(text);
    }

    private void Lit(Fixture lamp, string first)
    {
        foreach (var light in lamp.Functions)
        {
            var label = lamp.Functions.Count > 1 ? $"Lit by, {TerminalIndex.Split(Id($"{lamp.Id}.{light.Id}")).Pin}" : "Lit by";
            var choice = new SelectElement(page.Field(label));
            if (first.Length > 0 && choice.Options.Any(option => option.Text == first) && choice.Options.Count == 2) choice.SelectByText(first);
            else choice.SelectByIndex(1);
        }
    }

    /// <summary>Every field of a record that is to be another.</summary>
    private void Fill(string within, object now, object wanted)
    {
        var (before, after) = (JsonSerializer.SerializeToNode(now, now.GetType(), JsonRules.Stored)!.AsObject(), JsonSerializer.SerializeToNode(wanted, wanted.GetType(), JsonRules.Stored)!.AsObject());
        foreach (var (key, value) in after)
        {
            if (Others.Contains(key) || value is JsonArray or JsonObject || JsonNode.DeepEquals(value, before[key])) continue;
            var field = By.CssSelector($"{within} [data-field='{key}'] :is(input, select)");
            if (!page.Has(field)) continue;
            var control = page.Find(field);
            if (control.TagName == "select") new SelectElement(control).SelectByValue(value?.GetValueKind() is JsonValueKind.True ? "yes" : value?.GetValueKind() is JsonValueKind.False ? "no" : $"{value}");
            else if (control.GetAttribute("type") == "checkbox")
            {
                if (control.Selected != (value?.GetValueKind() == JsonValueKind.True)) control.Click();
            }
            else Typed(control, value?.GetValueKind() == JsonValueKind.Number && Percents.Contains(key) ? FormattableString.Invariant($"{Math.Round((double)value * 100, 6)}") : $"{value}");
        }
    }

    /// <summary>Lays a wire from an end of it, and gives it size and length.</summary>
    private void Wire(Run run)
    {
        var fitted = Parts();
        bool IsFitted(string end) => fitted.Contains(TerminalIndex.Split(Terminal(end)).Part);
        var (start, end) = IsFitted(run.From) || !IsFitted(run.To) ? (Terminal(run.From), Terminal(run.To)) : (Terminal(run.To), Terminal(run.From));
        var ofVehicle = !IsFitted(run.From) && !IsFitted(run.To);
        if (ofVehicle) Electrics(start);
        else Pressed(By.CssSelector($"[data-part='{TerminalIndex.Split(start).Part}']"), By.CssSelector($"[data-part='{TerminalIndex.Split(start).Part}'][aria-pressed='true']"));
        var wires = By.CssSelector($"[data-terminal='{start}'] [data-wire]");
        page.Find(By.CssSelector($"[data-terminal='{start}']"));
        var before = page.Driver.FindElements(wires).Count;
        Pressed(By.CssSelector($"[data-terminal='{start}'] button[aria-label^='Add a wire']"), By.CssSelector($"[role='dialog'] [data-wires-from='{start}']"));
        var dialog = page.Find(By.CssSelector("[role='dialog']"));
        new SelectElement(dialog.FindElements(By.TagName("select"))[0]).SelectByValue(TerminalIndex.Split(end).Part);
        if (dialog.FindElements(By.TagName("select")) is [_, var pin]) new SelectElement(pin).SelectByValue(end);
        page.PressOnceReady("Add the wire");
        page.Until(() => page.Driver.FindElements(wires).Count > before, $"{start} has its wire");
        page.Driver.FindElements(wires)[^1].FindElement(By.CssSelector("button[aria-expanded]")).Click();
        Typed(page.Find(By.CssSelector($"[data-terminal='{start}'] [data-field='wire'] input")), run.Wire);
        Typed(page.Find(By.CssSelector($"[data-terminal='{start}'] [data-field='lengthMetres'] input")), FormattableString.Invariant($"{run.LengthMetres}"));
        // The zones that it runs through come before those that it does not: it runs through one at least.
        foreach (var (zone, word) in Zones.OrderByDescending(pair => run.Zones.Contains(pair.Zone)))
            page.Until(() => Ticked(By.XPath($"//*[@data-terminal = '{start}']//label[normalize-space() = '{word}']/input"), run.Zones.Contains(zone)), $"{word} is as it is to be");
        page.Driver.FindElement(By.CssSelector($"[data-terminal='{start}'] button[aria-expanded='true']")).Click();
        if (ofVehicle) page.Key("p");
    }

    /// <summary>Whether a box is as it is to be; where it is not it is pressed, and looked at again: what was typed before may draw the page anew under the press.</summary>
    private bool Ticked(By box, bool on)
    {
        if (page.Find(box).Selected == on) return true;
        page.Find(box).Click();
        return false;
    }

    /// <summary>Opens the wires of one of the vehicle's own parts.</summary>
    private void Electrics(string terminal)
    {
        var part = TerminalIndex.Split(terminal).Part;
        var list = OfVehicle.First(known => Of(known.List).Any(other => other.Id == part));
        var at = Of(list.List).ToList().FindIndex(other => other.Id == part);
        page.Key("e");
        if (list.Section != "Supply") page.Find(By.XPath($"//summary[. = \"{list.Section}\"]")).Click();
        if (!page.Has(By.CssSelector($"[data-vehicle-part='{part}']"))) page.Find(By.XPath($"(//*[@data-list = '{list.List}']/details)[{at + 1}]/summary")).Click();
        page.Find(By.XPath($"//*[@data-vehicle-part = '{part}']//summary[starts-with(., 'Wires at it')]")).Click();
    }
}
