using System.Security.Cryptography;
using System.Text;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using BurlyRidge.Core.Running.Faults;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Commissioning;

/// <summary>A reading that is to be taken.</summary>
/// <param name="Key">Names it within its way of standing.</param>
/// <param name="Words">Where the meter is held.</param>
public sealed record PlannedReading(string Key, string Words, Probing Probing);

/// <summary>How a rig stands while some are taken.</summary>
/// <param name="Rig">As little of it as decides them.</param>
internal sealed record PlannedGroup(string Id, string Words, RigState State, Rig Rig, IReadOnlyList<PlannedReading> Readings)
{
    public IReadOnlyList<string> Out { get; init; } = [];

    public bool OnBench { get; init; }
}

/// <summary>Which readings tell whether a line is as it was planned.</summary>
internal sealed class ReadingPlan
{
    private const string Bench = "bench";

    /// <summary>How a rig stands without anything that lights a line.</summary>
    public const string Off = "off";

    /// <summary>Dead behind its fuse.</summary>
    public const string IsDead = "dead";

    /// <summary>With the plug of its first lamp undone.</summary>
    public const string Unplugged = "unplugged";

    private readonly RigStudy study;
    private readonly LineWays ways;

    private readonly Lazy<IReadOnlyList<RigFault>> library;

    public ReadingPlan(RigStudy study, LineWays ways)
    {
        (this.study, this.ways) = (study, ways);
        library = new(() => [.. FaultLibrary.Of(study.Wired, study.Names)]);
    }

    private Rig Rig => study.Wired;

    private PartNames Names => study.Names;

    /// <summary>Stands for what is of no line: the vehicle before anything is fitted.</summary>
    public const string OfVehicle = "vehicle";

    /// <summary>The readings of a line, or of the vehicle, in the order in which they are taken; none where nothing lights it.</summary>
    public IReadOnlyList<PlannedGroup> Of(string line) => line == OfVehicle ? Vehicles() : study.Lines.FirstOrDefault(one => one.Line.Id == line) is { } found ? Of(found) : [];

    /// <summary>Hold points that are of no line: every battery off, the vehicle's own signals proven, each earth bared.</summary>
    private List<PlannedGroup> Vehicles()
    {
        var vehicle = Rig.Empty(Rig.Vehicle.SystemVolts, Rig.HouseRules.Units) with { Vehicle = Rig.Vehicle, Earths = Rig.Earths, HouseRules = Rig.HouseRules };
        PlannedGroup Stands(string id, string words, RigState state, params IReadOnlyList<PlannedReading> readings) => new(id, words, state, vehicle, readings);
        string Said(RigState state) => StandWords.Together(StandWords.Of(Rig, Names, state, []));
        var groups = new List<PlannedGroup>
        {
            Stands("rest", CommissioningWords.AllOff, new RigState(), Volts(Rig.Vehicle.SystemPlus, Rig.Vehicle.SystemMinus)),
            Stands("isolated", CommissioningWords.EveryNegativeOff, new RigState(), [.. Rig.Vehicle.Batteries.Select(battery => Volts($"{battery.Id}.plus", Vehicle.Body))]) with { Out = [.. Rig.Vehicle.Batteries.Select(battery => RigFault.KeyOf("battery-off", battery.Id))] },
        };
        var key = new RigState { Key = true };
        foreach (var signal in study.Lines.SelectMany(line => line.Trigger.BySignal.Keys).Distinct().Order())
        {
            var turning = VehicleSignal.All(Rig.Vehicle).First(one => one.Signal == signal).Turning;
            var on = key.WithSignals(other => other == signal);
            groups.Add(Stands($"{signal}-off", CommissioningWords.FormatSignalStandsOff(signal.Word()), key, Volts(turning, Vehicle.Body)));
            groups.Add(Stands($"{signal}-on", Said(on), on, Volts(turning, Vehicle.Body)));
        }
        groups.Add(Stands("earths", CommissioningWords.EarthsBared, new RigState(), [.. Rig.Earths.Where(earth => study.Map.NumberOf(earth.Id) >= 0).Select(earth => Ohms(earth.Id, Rig.Vehicle.SystemMinus))]));
        return [.. groups.Where(group => group.Readings.Count > 0)];
    }

    private IReadOnlyList<PlannedGroup> Of(LineStudy line)
    {
        if (line.Trigger.On is not { } on) return [];
        var lights = line.Line.Lights.Select(study.Map.Find).OfType<Link>().ToList();
        if (lights.Count == 0) return [];
        if (ways.Of(line, on) is not { } way) return [];
        var lit = new List<(string Id, RigState State)> { ("on", on) };
        lit.AddRange(line.Trigger.BySignal.Where(pair => StandWords.KeyOf(Rig, pair.Value) != StandWords.KeyOf(Rig, on)).Select(pair => ($"on-{pair.Key}", pair.Value)));
        var groups = new List<PlannedGroup>();
        groups.AddRange(OnBench(line));
        groups.AddRange(Dead(way, lights));
        groups.Add(Group(way, Off, new RigState { Key = on.Key }, [Volts(Rig.Vehicle.SystemPlus, Rig.Vehicle.SystemMinus), .. way.Fuses.Select(fuse => AtFuse($"{fuse.Id}.in", CommissioningWords.FormatSupplySide(Names[fuse.Id]))), .. lights.Take(MostDark).Select(Across)]));
        groups.AddRange(lit.Where(one => ways.Of(line, one.State) is not null).Select(one => Group(way, one.Id, one.State, Lit(ways.Of(line, one.State)!, lights))));
        groups.AddRange(way.Nearly().Select(near => Group(way, $"near-{near.Id}", near.State, [Across(lights[0])])));
        return [.. groups.Where(group => group.Readings.Count > 0)];
    }

    /// <summary>What the readings of a line follow from, in short.</summary>
    public static string PrintOf(IReadOnlyList<PlannedGroup> groups)
    {
        var around = groups.SelectMany(group => group.Rig.AllParts().SelectMany(part => part.Elements(group.Rig.Around())).Concat(group.Rig.Runs.Select(run => run.Element(group.Rig.Around().Zones))).Select(element => $"{element.Id} {element.From} {element.To} {element.Law}"));
        return Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(string.Join('\n', around.Distinct().Order(StringComparer.Ordinal)))))[..16];
    }

    private const int MostDark = 4;

    private PlannedGroup Group(LineWay way, string id, RigState state, IReadOnlyList<PlannedReading> readings, params IReadOnlyList<string> without) =>
        new(id, How(state, without, [.. way.Switches.Keys]), state, ways.Piece(state, readings.SelectMany(Touched)), readings) { Out = without };

    /// <summary>The terminals that a reading touches.</summary>
    public IEnumerable<string> Touched(PlannedReading reading) => reading.Probing.Setting == TesterSetting.Clamp
        ? Rig.Runs.Where(run => run.Id == reading.Probing.Red).SelectMany(run => run.Ends()) : [reading.Probing.Red, reading.Probing.Black];

    /// <summary>How it stands, these switches said wherever they are.</summary>
    public string How(RigState state, IReadOnlyList<string> without, IReadOnlyList<string> switches)
    {
        var taken = without.Count == 0 ? [] : library.Value.Where(fault => without.Contains(fault.Key)).Select(fault => PartNames.Small(fault.Name));
        return StandWords.Together([.. taken, .. StandWords.Of(Rig, Names, state, switches).DefaultIfEmpty(CommissioningWords.AllOff)]);
    }

    /// <summary>Volts between two terminals.</summary>
    public PlannedReading Volts(string red, string black) => new($"{red}>{black}", CommissioningWords.FormatProbes(Names.Probed(red), PartNames.Small(Names.Probed(black))), new Probing(TesterSetting.Volts, red, black));

    /// <summary>One side of a fuse, whose sides have no print.</summary>
    private PlannedReading AtFuse(string terminal, string called) => Volts(terminal, Vehicle.Body) with { Words = CommissioningWords.FormatProbes(called, PartNames.Small(Names[Vehicle.Body])) };

    /// <summary>Ohms between two terminals.</summary>
    public PlannedReading Ohms(string red, string black) => new($"{red}>{black}/ohms", CommissioningWords.FormatProbes(Names.Probed(red), PartNames.Small(Names.Probed(black))), new Probing(TesterSetting.Ohms, red, black));

    /// <summary>Amps through a wire.</summary>
    private PlannedReading Amps(Run wire) => new($"{wire.Id}/clamp", CommissioningWords.FormatClampRound(PartNames.Small(Names.Wire(wire))), new Probing(TesterSetting.Clamp, wire.Id));

    /// <summary>What a tester is held to, whichever it is; null: there is no such wire.</summary>
    public PlannedReading? At(Probing probing) => probing.Setting switch
    {
        TesterSetting.Volts => Volts(probing.Red, probing.Black),
        TesterSetting.Clamp => Rig.Runs.FirstOrDefault(run => run.Id == probing.Red) is { } wire ? Amps(wire) : null,
        TesterSetting.TestLamp => new($"{probing.Red}>{probing.Black}/lamp", CommissioningWords.FormatTestLampBetween(PartNames.Small(Names.Probed(probing.Red)), PartNames.Small(Names.Probed(probing.Black))), probing),
        _ => Ohms(probing.Red, probing.Black),
    };

    private PlannedReading Across(Link light) => Volts(light.A, light.B);

    /// <summary>Lit: what the lamps get, what is lost on both ways, what the coils get, what it draws.</summary>
    private List<PlannedReading> Lit(LineWay way, List<Link> lights)
    {
        var readings = lights.Select(Across).ToList();
        foreach (var light in lights.Take(MostDark))
        {
            readings.Add(Volts(Rig.Vehicle.SystemPlus, light.A));
            if (light.B != Rig.Vehicle.SystemMinus) readings.Add(Volts(light.B, Rig.Vehicle.SystemMinus));
        }
        foreach (var relay in way.Relays)
            readings.Add(Volts($"{relay.Id}.{relay.Pinout.CoilPlus}", $"{relay.Id}.{relay.Pinout.CoilMinus}"));
        if (Feed(way) is { } feed) readings.Add(Amps(feed));
        return [.. readings.DistinctBy(reading => reading.Key)];
    }

    /// <summary>The wire behind its fuse; without one that which carries the most.</summary>
    private static Rigs.Run? Feed(LineWay way)
    {
        var (piece, solved) = (way.Piece, HarnessCompiler.Solve(way.Piece, way.On));
        var behind = way.Fuses.Count > 0 ? piece.Runs.Where(run => run.Ends().Contains($"{way.Fuses[0].Id}.out")).ToList() : [];
        return (behind.Count > 0 ? behind : piece.Runs).MaxBy(run => Math.Round(Math.Abs(solved.Amps(run.Id)), 3));
    }

    /// <summary>Before it is live: dead behind its fuse, the way back to the post, what its plug will have.</summary>
    private IEnumerable<PlannedGroup> Dead(LineWay way, List<Link> lights)
    {
        var fuse = way.Fuses.Count > 0 ? way.Fuses[0] : null;
        if (fuse is not null)
        {
            var minus = lights.Select(light => light.B).Distinct().Where(end => end != Rig.Vehicle.SystemMinus);
            var dead = Group(way, IsDead, new RigState(), [AtFuse($"{fuse.Id}.out", CommissioningWords.FormatLampSide(Names[fuse.Id])), .. minus.Take(MostDark).Select(end => Ohms(end, Rig.Vehicle.SystemMinus))], RigFault.KeyOf("fuse-out", fuse.Id));
            // A way back that a switch opens is none while it is dead.
            var joined = new Stand(dead, null).Read();
            yield return dead with { Readings = [.. dead.Readings.Where((reading, i) => reading.Probing.Setting != TesterSetting.Ohms || joined[i] < JoinedOhms)] };
        }
        var plug = Group(way, Unplugged, way.On, [Across(lights[0])], RigFault.KeyOf("lamp-dead", lights[0].Id));
        yield return plug with { Words = CommissioningWords.FormatPlugOpen(Names[TerminalIndex.Split(lights[0].Id).Part], PartNames.Small(How(way.On, [], [.. way.Switches.Keys]))) };
    }

    /// <summary>More is no way back, Ω.</summary>
    private const double JoinedOhms = 10;

    /// <summary>Its lamps on a lead from the battery.</summary>
    private IEnumerable<PlannedGroup> OnBench(LineStudy line)
    {
        var lamps = line.Line.Lamps().Select(id => Rig.Fixtures.FirstOrDefault(lamp => lamp.Id == id)).OfType<Fixture>().Where(lamp => lamp.Functions.Any(light => line.Line.Lights.Contains($"{lamp.Id}.{light.Id}"))).DistinctBy(lamp => string.Join(' ', lamp.Functions)).ToList();
        foreach (var lamp in lamps)
        {
            var light = lamp.Functions.First(light => line.Line.Lights.Contains($"{lamp.Id}.{light.Id}"));
            var lead = new Rigs.Run(Bench, Rig.Vehicle.SystemPlus, $"{lamp.Id}.{light.Plus}", Lead, LeadMetres, [Zone.Exterior]);
            var bench = Rig.Empty(Rig.Vehicle.SystemVolts, Rig.HouseRules.Units) with
            {
                Vehicle = Rig.Vehicle,
                Fixtures = [lamp with { Functions = [light] }],
                Runs = [lead, new Rigs.Run($"{Bench}-back", $"{lamp.Id}.{light.Minus}", Rig.Vehicle.SystemMinus, Lead, LeadMetres, [Zone.Exterior])],
            };
            yield return new PlannedGroup($"{Bench}-{lamp.Id}", CommissioningWords.FormatOnTheBench(Names[lamp.Id]), new RigState(), bench,
                [new PlannedReading($"{lamp.Id}/{Bench}", CommissioningWords.ClampRoundTestLead, new Probing(TesterSetting.Clamp, Bench))])
            { OnBench = true };
        }
    }

    private const string Lead = "14 AWG";

    private const double LeadMetres = 1.5;
}
