using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using BurlyRidge.Core.Running.Faults;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>Ways for a rig to stand that tell what is wrong with a line: those of its readings, and every other line by itself.</summary>
internal static class Standings
{
    /// <summary>A way back has less, Ω.</summary>
    private const double JoinedOhms = 10;

    /// <summary>All of them; none where nothing lights the line.</summary>
    public static IReadOnlyList<Standing> Of(CommissioningPlan plan, string line)
    {
        var study = plan.Study;
        if (study.Lines.FirstOrDefault(own => own.Line.Id == line) is not { Trigger.On: { } on } own || plan.Ways.Of(own, on) is not { } way) return [];
        var groups = plan.Of(line).Where(group => !group.OnBench && group.Id != ReadingPlan.Unplugged).ToList();
        var sound = HarnessCompiler.Compile(way.Piece).Solve(on);
        var terminals = way.Piece.Runs.SelectMany(run => run.Ends()).Append(Vehicle.Body).Distinct().Where(end => end != study.Wired.Vehicle.SystemMinus && study.Map.NumberOf(end) >= 0).ToList();
        List<Standing> all = [.. groups.Select(group => new Standing(group.Id, group.Words, group.State, group.Out, Probes(plan, group, way, terminals, sound), own.Line.Lights))];
        foreach (var other in study.Lines.Where(other => other.Line.Id != line))
            if (other.Trigger.On is { } lit)
                all.Add(new Standing($"{other.Line.Id}/on", StandWords.Together(StandWords.Of(study.Wired, study.Names, lit, [])), lit, [], [], [.. own.Line.Lights.Concat(other.Line.Lights).Distinct()]));
        return [.. all.GroupBy(standing => Standing.KeyOf(study.Wired, standing.State, standing.Out)).Select(AsOne)];
    }

    /// <summary>What stands alike is one: nobody reads the same twice for it.</summary>
    private static Standing AsOne(IEnumerable<Standing> alike) => alike.First() with
    {
        AlsoIds = [.. alike.Skip(1).Select(standing => standing.Id)],
        Probes = [.. alike.SelectMany(standing => standing.Probes).DistinctBy(probe => probe.Probing)],
        Lamps = [.. alike.SelectMany(standing => standing.Lamps).Distinct()],
    };

    /// <summary>The same with ways of standing and places to hold a meter that somebody chose.</summary>
    public static IReadOnlyList<Standing> With(CommissioningPlan plan, IReadOnlyList<Standing> all, IReadOnlyList<Visit> visits)
    {
        var found = all.ToDictionary(standing => standing.Id, StringComparer.Ordinal);
        List<string> lamps = [.. plan.Study.Lines.SelectMany(line => line.Line.Lights).Distinct()];
        foreach (var visit in visits)
        {
            var here = found.GetValueOrDefault(visit.Stand) ?? new Standing(visit.Stand, plan.How(visit.State, visit.Out), visit.State, visit.Out, [], visit.Lamp is null ? lamps : [Standing.TestLamp]) { Held = visit.Lamp };
            if (visit.Probing is { } probing && here.Probes.All(probe => probe.Probing != probing) && plan.At(probing) is { } probe) here = here with { Probes = [.. here.Probes, probe] };
            found[visit.Stand] = here;
        }
        return [.. all.Select(standing => found[standing.Id]), .. found.Values.Where(standing => all.All(other => other.Id != standing.Id))];
    }

    private static IReadOnlyList<PlannedReading> Probes(CommissioningPlan plan, PlannedGroup group, LineWay way, IReadOnlyList<string> terminals, SolvedHarness sound)
    {
        var minus = plan.Study.Wired.Vehicle.SystemMinus;
        var probes = group.Readings.ToList();
        if (group.Id == ReadingPlan.IsDead)
        {
            var (rig, put) = FaultLibrary.Put(group.Rig, group.Out);
            var dead = HarnessCompiler.Solve(rig, group.State, null, put);
            var near = NearHarness.Of(dead);
            probes.AddRange(terminals.Where(end => near is not null && sound.Harness.Nodes.ContainsKey(end) && Joined(near, group.Rig, end, minus)).Select(end => plan.Between(end, minus, TesterSetting.Ohms)));
            probes.AddRange(way.Fuses.Select(fuse => plan.Between($"{fuse.Id}.out", minus, TesterSetting.Ohms)));
            probes.AddRange(way.Piece.Runs.Select(run => plan.Between(run.From, run.To, TesterSetting.Ohms)));
            foreach (var joint in way.Piece.Joints)
                if (terminals.Where(end => TerminalIndex.Split(end).Part == joint.Id).ToList() is { Count: > 1 } ends)
                    probes.AddRange(ends.Skip(1).Select(end => plan.Between(ends[0], end, TesterSetting.Ohms)));
            probes.RemoveAll(probe => probe.Probing.Setting == TesterSetting.Ohms && IsLive(dead, probe.Probing));
        }
        else
        {
            probes.AddRange(terminals.Select(end => plan.Between(end, minus)));
            foreach (var fuse in way.Fuses) probes.Add(plan.Between($"{fuse.Id}.in", $"{fuse.Id}.out"));
            foreach (var relay in way.Piece.Relays)
            {
                probes.Add(plan.Between($"{relay.Id}.{relay.Pinout.CoilPlus}", $"{relay.Id}.{relay.Pinout.CoilMinus}"));
                probes.Add(plan.Between($"{relay.Id}.{relay.Pinout.Common}", $"{relay.Id}.{relay.Pinout.Open}"));
            }
        }
        return [.. probes.DistinctBy(probe => probe.Probing).Where(probe => probe.Probing.Setting == TesterSetting.Clamp || (plan.Study.Map.NumberOf(probe.Probing.Red) >= 0 && plan.Study.Map.NumberOf(probe.Probing.Black) >= 0))];
    }

    /// <summary>Nobody sets a meter to ohms where a battery is between its probes.</summary>
    private static bool IsLive(SolvedHarness solved, Probing probing) =>
        solved.Harness.Nodes.ContainsKey(probing.Red) && solved.Harness.Nodes.ContainsKey(probing.Black) && Math.Abs(Meter.Across(solved, probing)) > Meter.LiveVolts;

    private static bool Joined(NearHarness near, Rig rig, string end, string minus) =>
        rig.Runs.Any(run => run.Ends().Contains(end)) && near.Ohms(end, minus) < JoinedOhms;
}
