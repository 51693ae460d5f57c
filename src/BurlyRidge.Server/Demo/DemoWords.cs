using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Server.Demo;

/// <summary>Short words for the demo rigs.</summary>
internal static class DemoWords
{
    public static Line Planned(
        string id, string name, LampKind kind, int count, double watts, double metres, ReturnPath path, Trigger trigger, params Zone[] zones) =>
        new(id, name, new LinePlan([new LampSet(kind, count, watts)], metres, path, zones, 105, trigger));

    public static Line Wired(string id, string name, params string[] fixtures) =>
        new(id, name) { Lights = [.. fixtures.Select(fixture => $"{fixture}.main")] };

    public static Run Run(string from, string to, double metres, string wire, params Zone[] zones) =>
        new($"{from}-to-{to}".Replace('.', '-'), from, to, wire, metres, zones.Length == 0 ? [Zone.EngineBay] : zones);

    public static Fixture Lamp(string id, string name, double watts, double volts = 12, LampKind kind = LampKind.RegulatedLed) =>
        new(id, name, [new LampFunction("main", kind, watts, volts)]);

    /// <summary>The line's lamps are there, and its wire follows the lanes.</summary>
    public static Line At(this Line line, string to) => line with { Plan = line.Plan! with { Lay = new PlanLay(to, new Lay()) } };

    /// <summary>The lamp as a tape finds it.</summary>
    public static Fixture Sized(this Fixture lamp, double width, double height, double depth, double kilograms, HolderKind kind, double from, double to) =>
        lamp with { Body = new LampDimensions(width, height, depth, kilograms) { Holds = [new Holder(kind, from, to)], TailMillimetres = 300 } };

    /// <summary>The lamp with light of a colour.</summary>
    public static Fixture Of(this Fixture lamp, LightColour colour) => lamp with { Functions = [lamp.Functions[0] with { Colour = colour }] };

    public static Place[] Places(string at, params string[] parts) => [.. parts.Select(part => new Place(part, at))];

    public static ProtectiveDevice Blade(string id, double amps) => new(id, new Fuse(amps, FuseFamily.Blade));

    public static ProtectiveDevice BoltDown(string id, double amps) => new(id, new Fuse(amps, FuseFamily.BoltDown));

    public static Switch OnOff(string id) => new(id, 5, [new("off", []), new("on", [new("in", "out")])]);
}
