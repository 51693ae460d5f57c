using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Altering;

/// <summary>Makes a line planned in short one that is wired part by part, as it was assessed; from then on every part can be altered.</summary>
public static class PlanToParts
{
    /// <summary>The rig with that line wired; as it is where it is not planned in short or no wire will do.</summary>
    public static Rig Of(Rig rig, string lineId)
    {
        rig = LaidRig.Of(rig).Rig;
        if (rig.Lines.FirstOrDefault(line => line.Id == lineId) is not { Plan: { } plan } line) return rig;
        var alone = PlanWiring.WireAll(rig with { Lines = [line], Fixtures = [], Protection = [], Relays = [], Switches = [], PowerBoxes = [], Joints = [], Earths = [], Loads = [], Converters = [], SolarPanels = [], Runs = [] });
        if (alone.Runs.Count == 0) return rig;
        var names = new Names(rig, line.Id);
        var lamps = Lamps(rig, plan, alone, names);
        var at = plan.Lay is { } lay && rig.Body is not null ? lay.To : null;
        var post = rig.Vehicle.Batteries[^1].Id;
        return rig with
        {
            Fixtures = [.. rig.Fixtures.Where(fixture => !plan.Fixtures.Contains(fixture.Id)), .. lamps.Fixtures],
            Protection = [.. rig.Protection, .. alone.Protection.Select(part => part with { Id = names.Of(part.Id) })],
            Relays = [.. rig.Relays, .. alone.Relays.Select(part => part with { Id = names.Of(part.Id) })],
            Switches = [.. rig.Switches, .. alone.Switches.Select(part => part with { Id = names.Of(part.Id) })],
            Joints = [.. rig.Joints, .. alone.Joints.Select(part => part with { Id = names.Of(part.Id), Place = plan.Zones[^1] })],
            Earths = [.. rig.Earths, .. alone.Earths.Select(part => part with { Id = names.Of(part.Id) })],
            Runs = [.. rig.Runs, .. lamps.Runs],
            Lines = [.. rig.Lines.Select(other => other.Id != line.Id ? other : line with
            {
                Plan = null,
                Lights = [.. lamps.Fixtures.Select(fixture => $"{fixture.Id}.{fixture.Functions[0].Id}")],
            })],
            Places = at is null ? rig.Places :
            [
                .. rig.Places.Where(place => !plan.Fixtures.Contains(place.Part)),
                .. lamps.Fixtures.Select(fixture => new Place(fixture.Id, at)),
                .. alone.Joints.Select(part => new Place(names.Of(part.Id), at)),
                .. alone.Protection.Select(part => new Place(names.Of(part.Id), StationOf(rig, post))),
                .. alone.Relays.Select(part => new Place(names.Of(part.Id), StationOf(rig, post))),
                .. alone.Earths.Where(part => part.Kind == EarthKind.Stud && part.Id == $"{line.Id}{RigStates.OfPlan}earth").Select(part => new Place(names.Of(part.Id), at)),
            ],
        };
    }

    private static string StationOf(Rig rig, string part) => Whereabouts.Of(rig).Of(part)!;

    /// <summary>One fixture a lamp, those that are bought already by their own names, each with its own two tails.</summary>
    private static (IReadOnlyList<Fixture> Fixtures, IReadOnlyList<Run> Runs) Lamps(Rig rig, LinePlan plan, Rig alone, Names names)
    {
        var bought = new Queue<Fixture>(plan.Fixtures.Select(id => rig.Fixtures.FirstOrDefault(fixture => fixture.Id == id)).OfType<Fixture>());
        var fixtures = new List<Fixture>();
        var runs = alone.Runs.Where(run => !alone.Fixtures.Any(fixture => Ends(run, fixture.Id))).Select(names.Of).ToList();
        foreach (var (set, together) in plan.Lamps.Zip(alone.Fixtures))
        {
            var tails = alone.Runs.Where(run => Ends(run, together.Id)).ToList();
            for (var i = 1; i <= set.Count; i++)
            {
                var lamp = bought.TryDequeue(out var known) ? known : new Fixture(
                    FreeName.In(rig with { Fixtures = [.. rig.Fixtures, .. fixtures] }, $"{names.Line}-lamp-{fixtures.Count + 1}"), names.Line,
                    [together.Functions[0] with { Watts = set.WattsAt(rig.Vehicle.SystemVolts) }]);
                var (plus, minus) = ($"{lamp.Id}.{lamp.Functions[0].Plus}", $"{lamp.Id}.{lamp.Functions[0].Minus}");
                fixtures.Add(lamp);
                runs.AddRange(tails.Select(names.Of).Select((run, tail) => run with
                {
                    Id = names.OneOf(run.Id, i),
                    From = tail == 1 ? minus : run.From,
                    To = tail == 0 ? plus : run.To,
                }));
            }
        }
        return (fixtures, runs);
    }

    private static bool Ends(Run run, string fixture) => PartBook.Split(run.From).Part == fixture || PartBook.Split(run.To).Part == fixture;

    /// <summary>Names without the mark of a planned part, that nothing else has.</summary>
    private sealed class Names(Rig rig, string line)
    {
        private readonly Dictionary<string, string> given = new(StringComparer.Ordinal);

        public string Line => line;

        public string Of(string part)
        {
            if (!RigStates.IsPlanned(part)) return part;
            if (!given.TryGetValue(part, out var name)) given[part] = name = FreeName.In(rig, part.Replace(RigStates.OfPlan, '-'), given.Values);
            return name;
        }

        /// <summary>A name for one of several that stand where the plan has one.</summary>
        public string OneOf(string part, int number) => given[$"{part} {number}"] = FreeName.In(rig, $"{part}-{number}", given.Values);

        public Run Of(Run run) => run with { Id = Of(run.Id), From = End(run.From), To = End(run.To) };

        private string End(string terminal)
        {
            var (part, pin) = PartBook.Split(terminal);
            return pin.Length == 0 ? Of(part) : $"{Of(part)}.{pin}";
        }
    }
}
