using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Templates;

/// <summary>Sizes of a quick plan by themselves, on the vehicle with nothing else on it.</summary>
/// <param name="LoadAmps">Watts over system volts, A.</param>
/// <param name="DesignAmps">The most that its lamps draw, A.</param>
/// <param name="DropLimit">Allowed, of the system volts.</param>
/// <param name="Wire">The size of its wires.</param>
/// <param name="WireAmps">What that carries where it lies, A.</param>
/// <param name="LoopOhms">Resistance of the long wires as warm as they get, out and, where it comes back by wire, back, Ω.</param>
/// <param name="ConductorCelsius">How hot they get.</param>
/// <param name="AmbientCelsius">How hot it is around them at the hottest.</param>
/// <param name="Fuse">The fuse taken: by hand, or else proposed.</param>
/// <param name="ProposedFuse">The smallest standard fuse that the load allows; null where none does.</param>
/// <param name="RelayAmps">The smallest contact that carries the load, A at 12 V; null where no relay is needed or none is large enough.</param>
/// <param name="LampVolts">What the lamp that loses most gets, V; 0 where the lamps could not run.</param>
/// <param name="DropFraction">What is lost on its way and back, of the volts of the source; 1 where the lamps could not run.</param>
/// <param name="Losses">Where it is lost.</param>
/// <param name="ProposedWire">The thinnest size that holds, whatever was chosen; null where none does.</param>
/// <param name="Main">Figures of the long wire.</param>
public sealed record QuickSizing(
    double LoadAmps,
    double DesignAmps,
    double DropLimit,
    WireSize Wire,
    double WireAmps,
    double LoopOhms,
    double ConductorCelsius,
    double AmbientCelsius,
    Fuse Fuse,
    Fuse? ProposedFuse,
    double? RelayAmps,
    double LampVolts,
    double DropFraction,
    IReadOnlyList<Loss> Losses,
    WireSize? ProposedWire,
    RunFigures Main)
{
    private Lazy<IReadOnlyList<WireRung>>? ladder;
    private Lazy<IReadOnlyList<string>>? waysOut;

    /// <summary>Every size, thin to thick, judged with the fuse taken; worked out when it is first asked for.</summary>
    public IReadOnlyList<WireRung> Ladder => ladder!.Value;

    /// <summary>What would make it hold where no size does, a sentence each; worked out when it is first asked for.</summary>
    public IReadOnlyList<string> Advice => waysOut!.Value;

    /// <summary>Wire of each run, in the order that the template builds them.</summary>
    private IReadOnlyList<string> Wires { get; init; } = [];

    /// <summary>The same of its fuses.</summary>
    private IReadOnlyList<Fuse> Fuses { get; init; } = [];

    /// <summary>The same of its relays, A.</summary>
    private IReadOnlyList<double> Contacts { get; init; } = [];

    /// <summary>These sizes put on the parts that the template builds.</summary>
    internal Rig On(Rig parts) => parts with
    {
        Runs = [.. parts.Runs.Zip(Wires, (run, wire) => run with { Wire = wire })],
        Protection = [.. parts.Protection.Zip(Fuses, (device, fuse) => device with { Fuse = fuse })],
        Relays = [.. parts.Relays.Zip(Contacts, (relay, amps) => relay with { ContactAmps = amps })],
    };

    /// <summary>Sizes a plan.</summary>
    public static QuickSizing Of(QuickAsk ask)
    {
        var (parts, study) = Size(ask);
        var line = study.Lines[0];
        var figures = study.Runs.ToDictionary(run => run.Run.Id, StringComparer.Ordinal);
        var main = figures[parts.Main];
        var rig = ask.Bare();
        var plan = rig.Lines[0].Plan!;
        var watts = QuickTemplate.Watts(rig, plan);
        var standard = QuickTemplate.Fuse(rig, plan);
        var proposed = standard is not null && plan.ChosenFuse is null ? parts.Fuse : standard;
        List<RunFigures> wires = [.. parts.Wires.Select(id => figures[id])];
        var noFuse = (ask.Plan.ChosenFuse ?? proposed) is null;
        var best = noFuse ? null
            : ask.Plan.ChosenWire is not null ? Holding(ask with { Plan = ask.Plan with { ChosenWire = null } })
            : Passes(ask, WireLadder.Judge(study, wires, main.Wire)) ? main.Wire : null;
        var lit = line.Off.Solution is Solution.Converged && line.Worst is not null;
        return new QuickSizing(
            watts.LoadAmps(ask.Vehicle.SystemVolts), QuickTemplate.DesignAmps(rig, plan), line.DropLimit, main.Wire, wires.Min(run => run.AmpacityAmps), Ohms(line.Off, wires), main.ConductorCelsius,
            main.AmbientCelsius, parts.Fuse, proposed,
            parts.Rig.Relays is [var relay] && Limits.ContactCarries(relay.ContactAmps, study.OnContact($"{relay.Id}.contact"), ask.Vehicle.SystemVolts) ? relay.ContactAmps : null,
            lit ? ask.Vehicle.SystemVolts * (1 - line.Worst!.DropFraction) : 0, lit ? line.Worst!.DropFraction : 1,
            lit ? Harness.Losses.Of(parts.Rig, line.Off, line.Worst!.Id) : [], best, main)
        {
            ladder = new(() => LadderOf(parts, noFuse)),
            waysOut = new(() => QuickAdvice.Of(ask)),
            Wires = [.. parts.Rig.Runs.Select(run => run.Wire)],
            Fuses = [.. parts.Rig.Protection.Select(device => device.Fuse)],
            Contacts = [.. parts.Rig.Relays.Select(relay => relay.ContactAmps)],
        };
    }

    /// <summary>Every size judged on the plan as it was sized; the study that it takes is not kept.</summary>
    private static IReadOnlyList<WireRung> LadderOf(QuickParts parts, bool noFuse)
    {
        var study = RigStudy.OfLine(parts.Rig, default);
        var ladder = WireLadder.Of(study, [.. study.Runs.Where(run => parts.Wires.Contains(run.Run.Id))]);
        return noFuse ? [.. ladder.Select(rung => rung with { Failures = [RungFailure.NoFuse], DropFraction = 1 })] : ladder;
    }

    /// <summary>The size that a plan gets, where it holds; found without judging the others.</summary>
    internal static WireSize? Holding(QuickAsk ask)
    {
        var rig = ask.Bare();
        if ((ask.Plan.ChosenFuse ?? QuickTemplate.Fuse(rig, rig.Lines[0].Plan!)) is null) return null;
        var (parts, study) = Size(ask);
        List<RunFigures> wires = [.. study.Runs.Where(run => parts.Wires.Contains(run.Run.Id))];
        return WireLadder.Judge(study, wires, wires[0].Wire) is var rung && Passes(ask, rung) ? rung.Wire : null;
    }

    /// <summary>Whether a size is proposed: safe, and where a drop was named, within it; else what is lost beyond what helps is told and no reason against it.</summary>
    private static bool Passes(QuickAsk ask, WireRung rung) => rung.Holds || (rung.Safe && !ask.Plan.Lamps.Any(set => ask.Rules.NamedDropLimit(set.Kind) is not null));

    /// <summary>The plan in full wiring and sized; the wires that carry lamp current all have the size of the thickest.</summary>
    private static (QuickParts Parts, RigStudy Study) Size(QuickAsk ask)
    {
        var rig = ask.Bare();
        var parts = QuickTemplate.Build(rig, rig.Lines[0], FreeName.Taken(rig));
        var (sized, study) = AutoSizer.OfLine(parts.Rig);
        var runs = sized.Runs;
        var thickest = sized.Runs.Where(run => parts.Wires.Contains(run.Id)).Select(run => WireTable.Find(run.Wire)!).MaxBy(wire => wire.CopperSquareMillimetres)!;
        sized = sized with { Runs = [.. sized.Runs.Select(run => parts.Wires.Contains(run.Id) ? run with { Wire = thickest.Name } : run)] };
        var same = sized.Runs.Zip(runs).All(pair => pair.First.Wire == pair.Second.Wire);
        return (parts with { Rig = sized }, same ? study : RigStudy.OfLine(sized, default));
    }

    private static double Ohms(SolvedHarness solved, IEnumerable<RunFigures> wires) => wires
        .Where(run => run.Run.LengthMetres > 0)
        .Select(run => solved.Harness.Elements[run.Run.Id]).OfType<WireElement>()
        .Sum(wire => wire.OhmsAt(Math.Abs(solved.Amps(wire.Id))) - wire.EndOhms);
}
