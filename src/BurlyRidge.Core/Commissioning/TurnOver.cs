using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using BurlyRidge.Core.Running.Faults;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Commissioning;

/// <summary>Why a rig is turned over so.</summary>
public enum TurnFor
{
    /// <summary>A slot against its legend.</summary>
    Slot,

    /// <summary>A switch of three positions against each signal.</summary>
    Position,

    /// <summary>A line that needs two things at once: with either, with both, with one let go.</summary>
    Armed,

    /// <summary>A line by itself, and what must stay dark with it.</summary>
    Line,

    /// <summary>A row that is fed twice, with one feed out.</summary>
    OneFeedOut,
}

/// <summary>Something that is turned or pressed, and what has to be lit then.</summary>
/// <param name="Key">Names it within its rig.</param>
/// <param name="Words">What is done.</param>
/// <param name="Out">What is taken out for it, as keys of the fault library.</param>
/// <param name="Lit">Lines that have to be lit, by id; all others are to be dark.</param>
/// <param name="Expects">The same in words.</param>
public sealed record TurnCheck(string Key, TurnFor For, string Words, RigState State, IReadOnlyList<string> Out, IReadOnlyList<string> Lit, string Expects);

/// <summary>What is turned over before a rig is handed over.</summary>
internal static class TurnOver
{
    /// <summary>A fuse that carries less feeds no lamp.</summary>
    private const double LeastAmps = 0.5;

    /// <summary>All of it, in the order in which it is done.</summary>
    public static IReadOnlyList<TurnCheck> Of(RigStudy study, LineWays ways)
    {
        var (rig, names) = (study.Wired, study.Names);
        var sound = HarnessCompiler.Compile(rig);
        var library = FaultLibrary.Of(rig, names).ToDictionary(fault => fault.Key, fault => fault.Name, StringComparer.Ordinal);
        var checks = new List<TurnCheck>();
        foreach (var slot in Slots(rig))
            foreach (var key in new[] { false, true })
                Add($"{slot}/{(key ? "key-on" : "key-off")}", TurnFor.Slot, new RigState { Key = key, Pressed = [slot] });
        var signals = study.Lines.SelectMany(line => line.Trigger.BySignal.Keys).Distinct().Order().ToList();
        foreach (var own in rig.Switches.Where(own => own.Positions.Count > 2))
            foreach (var position in own.Positions)
                foreach (var signal in signals.Select(signal => (Signal?)signal).Prepend(null))
                    Add($"{own.Id}/{position.Name}/{signal}", TurnFor.Position, new RigState { Key = true, Switches = new Dictionary<string, string>(StringComparer.Ordinal) { [own.Id] = position.Name } }.WithSignals(one => one == signal));
        foreach (var line in study.Lines)
        {
            if (line.Trigger.On is not { } on || ways.Of(line, on) is not { } way) continue;
            if (on.HasSignal() && (way.Switches.Count > 0 || on.Pressed.Count > 0))
            {
                var (disarmed, dark) = (on with { Pressed = [] }, on.WithSignals(_ => false));
                foreach (var (own, off) in way.Switches) disarmed = disarmed.With(own, off);
                Add($"{line.Line.Id}/signal-alone", TurnFor.Armed, disarmed, way: way);
                Add($"{line.Line.Id}/switch-alone", TurnFor.Armed, dark, way: way);
                Add($"{line.Line.Id}/both", TurnFor.Armed, on, way: way);
                Add($"{line.Line.Id}/stalk-back", TurnFor.Armed, dark, before: on, way: way);
            }
            else if (on.Pressed.Count == 0) Add($"{line.Line.Id}/alone", TurnFor.Line, on, way: way);
            foreach (var fuse in FeedsOf(line.Line.Id, on)) Add($"{line.Line.Id}/without/{fuse}", TurnFor.OneFeedOut, on, RigFault.KeyOf("fuse-out", fuse), way: way);
        }
        return [.. checks.DistinctBy(check => check.Key)];

        // Of a row that is fed twice: each alone may be out, and both may not.
        IEnumerable<string> FeedsOf(string line, RigState on)
        {
            var carrying = sound.Solve(on);
            var spare = rig.Protection.Where(device => !device.Breaker && Math.Abs(carrying.Amps(device.Id)) > LeastAmps && IsLit(device.Id)).Select(device => device.Id).ToList();
            return spare.Where(one => spare.Exists(other => other != one && !IsLit(one, other)));

            bool IsLit(params string[] fuses)
            {
                var (broken, put) = FaultLibrary.Put(rig, [.. fuses.Select(fuse => RigFault.KeyOf("fuse-out", fuse))]);
                return Lit(study, HarnessCompiler.Solve(broken, on, null, put)).Contains(line);
            }
        }

        void Add(string key, TurnFor why, RigState state, string? without = null, RigState? before = null, LineWay? way = null)
        {
            SolvedHarness solved;
            if (without is not null)
            {
                var (broken, put) = FaultLibrary.Put(rig, [without]);
                solved = HarnessCompiler.Solve(broken, state, null, put);
            }
            else solved = sound.Solve(state, before is null ? null : sound.Solve(before).Contacts);
            var lit = Lit(study, solved);
            IEnumerable<string> done = without is null ? [] : [PartNames.Small(library[without])];
            done = done.Concat(StandWords.Of(rig, names, before ?? state, [.. way?.Switches.Keys ?? []]));
            if (before is not null) done = done.Append(CommissioningWords.FormatThen(Format.And(RunWords.Turned(rig, names, before, state).Select(pair => PartNames.Small(pair.Words)))));
            checks.Add(new TurnCheck(key, why, StandWords.Together(done.DefaultIfEmpty(CommissioningWords.AllOff)), state, without is null ? [] : [without], lit,
                lit.Count > 0 ? CommissioningWords.FormatOnlyLit(Format.And(lit.Select(names.Line))) : CommissioningWords.NothingLit));
        }
    }

    private static IEnumerable<string> Slots(Rig rig) => rig.PowerBoxes.SelectMany(box => box.Outputs.Where(output => output.WorkedBy == WorkedBy.Slot).Select(output => $"{box.Id}.{output.Id}")).Concat(rig.Vehicle.AuxOutputs.Select(output => output.Id));

    /// <summary>Lines of which any light is lit.</summary>
    private static List<string> Lit(RigStudy study, SolvedHarness solved) =>
        [.. study.Lines.Where(line => line.Lamps.Any(lamp => solved.IsLit(lamp.Id, lamp.Function))).Select(line => line.Line.Id)];
}
