using System.Text.RegularExpressions;
using BurlyRidge.Core.Conductors;

namespace BurlyRidge.Core.Rigs;

/// <summary>Refuses parts and runs that do not hang together, field by field.</summary>
internal static partial class PartValidation
{
    private const int MostLegend = 40;

    public static void Check(Problems problems, Rig rig, PartBook parts)
    {
        Ids(problems, rig, parts);
        problems.Each("fixtures", rig.Fixtures, (at, fixture) =>
        {
            problems.Text($"{at}.name", fixture.Name, 80);
            problems.Count($"{at}.functions", fixture.Functions.Count, 1, 8, "functions");
            problems.Each($"{at}.functions", fixture.Functions, (path, function) => Check(problems, path, function));
            Twice(problems, $"{at}.functions", fixture.Functions.Where(function => function is not null).Select(function => function.Id));
        });
        problems.Each("protection", rig.Protection, (at, device) =>
        {
            problems.StandardFuse($"{at}.fuse", device.Fuse);
            problems.Within($"{at}.ratedVolts", device.RatedVolts, 6, 1000, "V");
        });
        problems.Each("relays", rig.Relays, (at, relay) =>
        {
            problems.Within($"{at}.contactAmps", relay.ContactAmps, 1, 1000, "A");
            if (relay.CoilOhms is { } ohms) problems.Within($"{at}.coilOhms", ohms, 5, 5000, "Ω");
            if (relay.CoilVolts is { } volts) problems.OneOf($"{at}.coilVolts", volts, RigValidation.SystemVolts, "V");
            problems.Within($"{at}.coilCelsius", relay.CoilCelsius, -40, 150, "°C");
            var pins = new[] { relay.Pinout.CoilPlus, relay.Pinout.CoilMinus, relay.Pinout.Common, relay.Pinout.Open, relay.Pinout.Rest };
            Twice(problems, $"{at}.pinout", pins.OfType<string>());
        });
        problems.Each("switches", rig.Switches, (at, part) => Check(problems, at, part));
        problems.Each("powerBoxes", rig.PowerBoxes, (at, box) =>
        {
            problems.Within($"{at}.totalAmps", box.TotalAmps, 1, 1000, "A");
            problems.Within($"{at}.sleepAmps", box.SleepAmps, 0.0001, 1, "A");
            problems.Count($"{at}.outputs", box.Outputs.Count, 1, 32, "outputs");
            problems.Within($"{at}.panel.legendWidthMillimetres", box.Panel.LegendWidthMillimetres, 5, 60, "mm");
            problems.Within($"{at}.panel.legendHeightMillimetres", box.Panel.LegendHeightMillimetres, 4, 40, "mm");
            problems.Each($"{at}.outputs", box.Outputs, (path, output) =>
            {
                Id(problems, $"{path}.id", output.Id);
                problems.Within($"{path}.ratingAmps", output.RatingAmps, 1, 200, "A");
                if (output.Slot is { } slot) problems.Within($"{path}.slot", slot, 1, 64, "as a slot");
                if (output.Legend.Length > MostLegend) problems.Add($"{path}.legend", $"Give up to {MostLegend} letters: more cannot be read at a glance.");
            });
            foreach (var twice in box.Outputs.Where(output => output?.Slot is not null).GroupBy(output => output.Slot).Where(group => group.Count() > 1))
                problems.Add($"{at}.outputs", $"Slot {twice.Key} stands twice.");
            Twice(problems, $"{at}.outputs", box.Outputs.Where(output => output is not null).Select(output => output.Id));
        });
        problems.Each("joints", rig.Joints, (at, joint) =>
        {
            if (joint.Milliohms is { } milliohms) problems.Within($"{at}.milliohms", milliohms, 0, 10_000, "mΩ");
            if (joint.Takes is not { } takes) return;
            problems.Within($"{at}.takes.fromSquareMillimetres", takes.FromSquareMillimetres, 0, 300, "mm²");
            problems.Within($"{at}.takes.toSquareMillimetres", takes.ToSquareMillimetres, takes.FromSquareMillimetres, 300, "mm²");
        });
        problems.Each("earths", rig.Earths, (at, earth) =>
        {
            problems.Within($"{at}.studMilliohms", earth.StudMilliohms, 0, 10_000, "mΩ");
            problems.Within($"{at}.bodyMilliohms", earth.BodyMilliohms, 0, 10_000, "mΩ");
            if (earth.On is { } on && rig.Vehicle.Batteries.All(battery => battery?.Id != on))
                problems.Add($"{at}.on", $"There is no battery called {on}.");
        });
        problems.Each("loads", rig.Loads, (at, load) =>
        {
            problems.Above($"{at}.amps", load.Amps, 0, 500, "A");
            if (load.MaxVolts is { } most) problems.Within($"{at}.maxVolts", most, 6, 60, "V");
        });
        problems.Each("converters", rig.Converters, (at, converter) =>
        {
            problems.Within($"{at}.outputVolts", converter.OutputVolts, 5, 60, "V");
            problems.Above($"{at}.limitAmps", converter.LimitAmps, 0, 500, "A");
            problems.Within($"{at}.lowestInputVolts", converter.LowestInputVolts, 4, 60, "V");
            problems.Within($"{at}.efficiency", converter.Efficiency, 0.3, 1);
        });
        problems.Each("solarPanels", rig.SolarPanels, (at, panel) =>
        {
            problems.Within($"{at}.regulatedVolts", panel.RegulatedVolts, 5, 60, "V");
            problems.Above($"{at}.amps", panel.Amps, 0, 100, "A");
        });
        problems.Each("runs", rig.Runs, (at, run) => Check(problems, at, run, parts));
        for (var i = 0; i < rig.Runs.Count; i++)
            if (rig.Runs[i] is { } run) Id(problems, $"runs[{i}].id", run.Id);
        Twice(problems, "runs", rig.Runs.Where(run => run is not null).Select(run => run.Id).Concat(parts.Ids.Select(part => part.Id).Distinct()));
    }

    private static void Ids(Problems problems, Rig rig, PartBook parts)
    {
        var seen = new HashSet<string>(PartBook.Reserved, StringComparer.Ordinal);
        foreach (var (path, id) in parts.Ids)
        {
            if (Id(problems, path, id) && !seen.Add(id)) problems.Add(path, $"The name {id} is taken by another part.");
        }
    }

    private static void Check(Problems problems, string path, LampFunction function)
    {
        Id(problems, $"{path}.id", function.Id);
        problems.Above($"{path}.watts", function.Watts, 0, 5000, "W");
        problems.Within($"{path}.ratedVolts", function.RatedVolts, 6, 60, "V");
        if (function.TurnOnVolts is { } on) problems.Within($"{path}.turnOnVolts", on, 0, 60, "V");
        if (function.DropOutVolts is { } dropOut) problems.Within($"{path}.dropOutVolts", dropOut, 1, 60, "V");
        if (function.MaxVolts is { } most) problems.Within($"{path}.maxVolts", most, 6, 100, "V");
        if (function.TurnsOnAt() >= function.DropsOutAt())
            problems.Add($"{path}.turnOnVolts", "Must be below the drop-out voltage.");
        problems.Within($"{path}.dimFraction", function.DimFraction, 0, 1);
    }

    private static void Check(Problems problems, string path, Switch part)
    {
        problems.Within($"{path}.ratingAmps", part.RatingAmps, 0.1, 200, "A");
        problems.Count($"{path}.positions", part.Positions.Count, 1, 8, "positions");
        problems.Each($"{path}.positions", part.Positions, (at, position) => problems.Each($"{at}.joins", position.Joins, (_, _) => { }));
        Twice(problems, $"{path}.positions", part.Positions.Where(position => position is not null).Select(position => position.Name));
        problems.Each($"{path}.lamps", part.Lamps, (at, lamp) =>
        {
            Id(problems, $"{at}.id", lamp.Id);
            problems.Above($"{at}.watts", lamp.Watts, 0, 20, "W");
            if (lamp.Kind == LampKind.RegulatedLed) problems.Add($"{at}.kind", "A lamp in a switch is filament or resistor LED.");
        });
    }

    private static void Check(Problems problems, string path, Run run, PartBook parts)
    {
        problems.Wire($"{path}.wire", run.Wire);
        problems.Above($"{path}.lengthMetres", run.LengthMetres, 0, 100, "m");
        problems.Count($"{path}.zones", run.Zones.Count, 1, 8, "zones");
        problems.Within($"{path}.bundled", run.Bundled, 1, 100, "conductors");
        problems.OneOf($"{path}.insulationCelsius", run.InsulationCelsius, Ampacity.InsulationClasses, "°C");
        Terminal(problems, $"{path}.from", run.From, parts);
        Terminal(problems, $"{path}.to", run.To, parts);
        if (run.From == run.To) problems.Add($"{path}.to", "A run ends somewhere else than it begins.");
    }

    private static void Terminal(Problems problems, string path, string terminal, PartBook parts)
    {
        if (!parts.HasTerminal(terminal)) problems.Add(path, $"There is no terminal called {terminal}.");
    }

    private static void Twice(Problems problems, string path, IEnumerable<string> names)
    {
        var seen = new HashSet<string>(StringComparer.Ordinal);
        foreach (var name in names)
            if (!seen.Add(name)) problems.Add(path, $"The name {name} stands twice.");
    }

    /// <summary>Refuses an id that is no slug; whether it is one.</summary>
    internal static bool Id(Problems problems, string path, string id)
    {
        if (IsName(id)) return true;
        problems.Add(path, "Give 1 to 64 letters, digits and hyphens.");
        return false;
    }

    /// <summary>Whether a part or a line may be called that.</summary>
    public static bool IsName(string? id) => id is not null && PartId().IsMatch(id);

    [GeneratedRegex(@"\A[A-Za-z0-9-]{1,64}\z")]
    private static partial Regex PartId();
}
