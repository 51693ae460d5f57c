using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;

namespace BurlyRidge.Core.HandOver;

/// <summary>What is otherwise.</summary>
public enum DifferenceKind
{
    /// <summary>Length of a wire.</summary>
    Length,

    /// <summary>Colour of a wire.</summary>
    Colour,

    /// <summary>Where a part is.</summary>
    Place,

    /// <summary>Something that no field of the plan holds.</summary>
    Note,
}

/// <summary>Something that the record has otherwise than the plan.</summary>
/// <param name="Key">Names it; the same as long as plan and vehicle are so.</param>
/// <param name="About">The wire or part.</param>
/// <param name="Name">What that is called.</param>
/// <param name="Planned">How the plan has it, in words; empty: it says nothing.</param>
/// <param name="Built">How the vehicle has it, in words.</param>
/// <param name="Note">Why, as it was written down; empty: nothing was.</param>
/// <param name="Take">How the plan would have it; null: no field of the plan holds it.</param>
/// <param name="Why">Why the plan stays as it is; empty: it is open.</param>
public sealed record Difference(string Key, DifferenceKind Kind, string About, string Name, string Planned, string Built, string Note, BuiltSo? Take, string Why)
{
    /// <summary>Whether nobody decided yet.</summary>
    public bool Open => Why.Length == 0;

    /// <summary>Lengths that differ by less are one length, m.</summary>
    private const double SameMetres = 0.01;

    /// <summary>Holds what was written down at the vehicle against the plan, in the order of the log; pure and total.</summary>
    public static IReadOnlyList<Difference> Of(AssessedRig assessed, SheetRecord sheet, HandOverRecord record)
    {
        var (saved, names, units) = (assessed.Whole.Saved, assessed.Study.Names, assessed.Whole.Saved.HouseRules.Units);
        var runs = assessed.Study.Wired.Runs.ToDictionary(run => run.Id, StringComparer.Ordinal);
        var own = saved.Runs.Select(run => run.Id).ToHashSet(StringComparer.Ordinal);
        var found = new List<Difference>();
        foreach (var other in sheet.Otherwise)
        {
            var run = runs.GetValueOrDefault(other.About);
            if (names.Called(other.About) is not { } name) continue;
            var before = found.Count;
            if (run is not null && other.Metres is { } metres && Math.Abs(metres - run.LengthMetres) >= SameMetres)
                Add(DifferenceKind.Length, other.About, name, Format.Metres(run.LengthMetres, units), Format.Metres(metres, units), other.Note, own.Contains(other.About) ? new BuiltSo(other.About) { Metres = metres } : null);
            if (run is not null && other.Colour.Length > 0 && !Same(run.Colour, other.Colour))
                Add(DifferenceKind.Colour, other.About, name, run.Colour, other.Colour, other.Note, own.Contains(other.About) ? new BuiltSo(other.About) { Colour = other.Colour } : null);
            if (run is null && other.At.Length > 0 && saved.Body?.PlaceNames().Contains(other.At) == true && PlaceOf(other.About) is var place && place != other.At)
                Add(DifferenceKind.Place, other.About, name, place is null ? "" : names.Place(place), names.Place(other.At), other.Note, new BuiltSo(other.About) { At = other.At });
            if (found.Count == before && other.Note.Length > 0 && other.Metres is null && other.Colour.Length == 0 && other.At.Length == 0)
                Add(DifferenceKind.Note, other.About, name, "", other.Note, "", null);
        }
        // A colour at one end may be that of a joined lead; of the wire itself it is a difference once no end of it has the planned one.
        foreach (var wire in sheet.Register.Where(row => row.Wire.Length > 0).GroupBy(row => row.Wire))
            if (runs.GetValueOrDefault(wire.Key) is { } run && !found.Exists(one => one.About == run.Id && one.Kind == DifferenceKind.Colour) && wire.All(row => !Same(run.Colour, row.Colour)))
                Add(DifferenceKind.Colour, run.Id, names[run.Id], run.Colour, wire.Last().Colour, wire.Last().Note, own.Contains(run.Id) ? new BuiltSo(run.Id) { Colour = wire.Last().Colour } : null);
        return found;

        string? PlaceOf(string part) => saved.Places.FirstOrDefault(place => place.Part == part)?.At;

        void Add(DifferenceKind kind, string about, string name, string planned, string built, string note, BuiltSo? take)
        {
            var key = $"{kind}/{about}/{planned}/{built}";
            found.Add(new Difference(key.Length <= MostKey ? key : key[..MostKey], kind, about, name, planned, built, note, take, record.Settled.GetValueOrDefault(key.Length <= MostKey ? key : key[..MostKey], "")));
        }
    }

    private const int MostKey = 200;

    private static bool Same(string one, string other) => one.Trim().Equals(other.Trim(), StringComparison.OrdinalIgnoreCase);
}
