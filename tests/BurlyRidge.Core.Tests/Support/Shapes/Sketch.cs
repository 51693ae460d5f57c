using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Tests.Support.Shapes;

/// <summary>Short words for building rigs in tests.</summary>
internal static class Sketch
{
    public static readonly RigState Rest = new();
    public static readonly RigState KeyOn = new() { Key = true };
    public static readonly RigState Driving = new() { Key = true, Engine = Engine.Cruise };

    public static Rig Rig(int volts, params Run[] runs) => Core.Rigs.Rig.Empty(volts, UnitSystem.Metric) with { Runs = runs };

    public static Run Run(string from, string to, double metres = 1, string wire = "14 AWG", Zone zone = Zone.EngineBay) =>
        new($"{from}--{to}".Replace('.', '-'), from, to, wire, metres, [zone]);

    public static Fixture Led(string id, double watts, double volts = 12) =>
        new(id, id, [new LampFunction("main", LampKind.RegulatedLed, watts, volts)]);

    public static ProtectiveDevice Fuse(string id, double amps) =>
        new(id, new Fuse(amps, amps > 40 ? FuseFamily.BoltDown : FuseFamily.Blade));

    public static Switch OnOff(string id) => new(id, 5, [new("off", []), new("on", [new("in", "out")])]);

    public static Switch Auto(string id) =>
        new(id, 5, [new("off", []), new("on", [new("live", "out")]), new("auto", [new("signal", "out")])]);

    public static Earth Stud(string id, double bodyMilliohms = 5) => new(id, EarthKind.Stud, BodyMilliohms: bodyMilliohms);

    public static Earth Post(string id, string? on = null) => new(id, EarthKind.Post, on);

    public static RigState Set(this RigState state, string part, string position) =>
        state with { Switches = new Dictionary<string, string>(state.Switches) { [part] = position } };

    public static RigState Press(this RigState state, params string[] slots) => state with { Pressed = [.. state.Pressed, .. slots] };
}

/// <summary>A shape of wiring with the states that it is looked at in, one after another.</summary>
internal sealed record Shape(string Name, Rig Rig, IReadOnlyList<RigState> States)
{
    public override string ToString() => Name;
}
