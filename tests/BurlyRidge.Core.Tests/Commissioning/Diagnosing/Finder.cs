using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Commissioning.Diagnosing;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;

namespace BurlyRidge.Core.Tests.Commissioning.Diagnosing;

/// <summary>What came of looking for a fault.</summary>
/// <param name="Readings">How many it took until one cause was left.</param>
/// <param name="Place">Of what was wrong among all causes, the likeliest first; 0: it is none of them.</param>
/// <param name="Kept">Whether it is not ruled out.</param>
internal sealed record Hunt(string Fault, DiagnosisView View, Evidence Evidence, int Readings, int Place, bool Kept);

/// <summary>Looks for what is wrong with a vehicle by nothing but the advice.</summary>
internal static class Finder
{
    private const int MostReadings = 25;

    /// <summary>Looks at the lamps first, as a customer does, and then takes one reading after the other.</summary>
    /// <param name="fault">What is wrong; empty: nothing.</param>
    /// <param name="spoil">What is made of a reading, by its number.</param>
    /// <param name="cannotReach">Parts that no probe gets to.</param>
    /// <param name="lookInto">What is named is looked into; where it is not that, the search goes on.</param>
    public static Hunt Of(CommissioningPlan plan, DiagnosisTables tables, string fault, ulong seed, Func<int, double, double>? spoil = null, IReadOnlyList<string>? cannotReach = null, bool lookInto = false)
    {
        var vehicle = new DrawnVehicle(plan, fault.Length == 0 ? [] : [fault], seed);
        var stands = Report(tables, Evidence.Nothing).Stands;
        var evidence = Evidence.Nothing with { Seen = Looks(vehicle, stands) };
        for (var read = 0; ;)
        {
            var view = Report(tables, evidence, cannotReach);
            if (lookInto && view.Left[0].Keys is { Count: > 0 } named && (view.Stage == DiagnosisStage.Found || view.Next.Count == 0) && !named.Contains(fault) && !named.All(evidence.LookedInto.Contains))
            {
                evidence = evidence with { LookedInto = [.. evidence.LookedInto, .. named] };
                continue;
            }
            if (view.Stage != DiagnosisStage.Open || view.Next.Count == 0 || read >= MostReadings)
            {
                var diagnosis = Diagnosis.Of(tables, evidence);
                return new Hunt(fault, view, evidence, read, diagnosis.PlaceOf(fault), fault.Length == 0 || diagnosis.Keeps(fault));
            }

            var next = view.Next[0];
            vehicle.Stand(next.State, stands.First(stand => stand.Id == next.Stand).Out);
            if (next.Probing is not { } probing)
            {
                evidence = evidence with { Seen = [.. evidence.Seen, new SeenLamp(next.Stand, next.Lamp, vehicle.Look(next.Lamp))] };
                continue;
            }
            var value = vehicle.Read(probing)!.Value;
            evidence = evidence with { Read = [.. evidence.Read, new ReadHere(next.Stand, probing, spoil?.Invoke(++read, value) ?? value)] };
            if (spoil is null) read++;
        }
    }

    public static DiagnosisView Report(DiagnosisTables tables, Evidence evidence, IReadOnlyList<string>? cannotReach = null) =>
        DiagnosisReport.Of(Diagnosis.Of(tables, evidence), tables, Reach.Open, cannotReach ?? [], []);

    /// <summary>What came of some hunts, in short.</summary>
    public static string Says(IReadOnlyList<Hunt> hunts) =>
        $"{hunts.Count} hunts, kept {hunts.Count(hunt => hunt.Kept)}, first or second {hunts.Count(hunt => hunt.Place is 1 or 2)}, mean {hunts.Average(hunt => hunt.Readings):0.00}, median {hunts.Select(hunt => hunt.Readings).Order().ElementAt(hunts.Count / 2)}, 90 of 100 {hunts.Select(hunt => hunt.Readings).Order().ElementAt(hunts.Count * 9 / 10)}";

    /// <summary>How all lamps look in every way of standing.</summary>
    public static IReadOnlyList<SeenLamp> Looks(DrawnVehicle vehicle, IReadOnlyList<StandHere> stands)
    {
        var seen = new List<SeenLamp>();
        foreach (var stand in stands)
        {
            vehicle.Stand(stand.State, stand.Out);
            seen.AddRange(stand.Lamps.Select(lamp => new SeenLamp(stand.Id, lamp.Lamp, vehicle.Look(lamp.Lamp))));
        }
        return seen;
    }

    /// <summary>How many readings it takes to probe from the battery forwards, along the wires that lead to the first lamp and back, until one is wrong.</summary>
    /// <param name="places">How many there are to probe.</param>
    public static int Forwards(CommissioningPlan plan, DiagnosisTables tables, string fault, ulong seed, out int places)
    {
        var (sound, vehicle) = (new DrawnVehicle(plan, [], 0), new DrawnVehicle(plan, [fault], seed));
        var stands = Report(tables, Evidence.Nothing).Stands;
        Looks(vehicle, stands);
        var on = stands.First(stand => stand.Lamps.Any(lamp => lamp.Should == LampSeen.Lit));
        vehicle.Stand(on.State, on.Out);
        sound.Stand(on.State, on.Out);
        var minus = plan.Study.Wired.Vehicle.SystemMinus;
        var along = Along(plan.Study.Wired, plan.Study.Wired.Vehicle.SystemPlus);
        places = along.Count;
        for (var i = 0; i < along.Count; i++)
        {
            var probing = new Probing(TesterSetting.Volts, along[i], minus);
            if (vehicle.Read(probing) is { } read && sound.Read(probing) is { } should && Math.Abs(read - should) > 0.5) return i + 1;
        }
        return along.Count;
    }

    /// <summary>Terminals in the order in which one comes to them from a post.</summary>
    private static List<string> Along(Rig rig, string post)
    {
        var (open, found) = (new Queue<string>([TerminalIndex.Split(post).Part]), new List<string>());
        HashSet<string> parts = [TerminalIndex.Split(post).Part, Vehicle.Body];
        while (open.TryDequeue(out var at))
            foreach (var run in rig.Runs.Where(run => run.Ends().Any(end => TerminalIndex.Split(end).Part == at)))
                foreach (var end in run.Ends().Where(end => TerminalIndex.Split(end).Part != at && parts.Add(TerminalIndex.Split(end).Part)))
                {
                    found.Add(end);
                    open.Enqueue(TerminalIndex.Split(end).Part);
                }
        return found;
    }

    /// <summary>Whether a vehicle with this fault reads somewhere two half-widths of the band of sound ones away from what it should.</summary>
    public static bool Moves(CommissioningPlan plan, DiagnosisTables tables, string fault, ulong seed)
    {
        var vehicle = new DrawnVehicle(plan, [fault], seed);
        Looks(vehicle, Report(tables, Evidence.Nothing).Stands);
        return tables.Moved(fault).Take(MostMoved).Any(place =>
        {
            vehicle.Stand(place.Standing.State, place.Standing.Out);
            return vehicle.Read(place.Probing) is { } value && tables.HalfWidths(new ReadHere(place.Standing.Id, place.Probing, value)) >= 2;
        });
    }

    /// <summary>Of the readings that a fault moves most, so many are taken.</summary>
    private const int MostMoved = 12;
}
