using System.Text.Json.Serialization;
using BurlyRidge.Core.Altering;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Kits;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Bench;

/// <summary>A way of building the same lights: pure, from a valid rig to another.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(AsPlanned), "asPlanned")]
[JsonDerivedType(typeof(WithKit), "withKit")]
[JsonDerivedType(typeof(ByTemplate), "byTemplate")]
[JsonDerivedType(typeof(BySchool), "bySchool")]
public abstract record Build
{
    private Build() { }

    /// <summary>What is wrong with it for a rig, by field.</summary>
    public virtual IEnumerable<Problem> Problems(Rig rig) => [];

    /// <summary>Builds so.</summary>
    public abstract BuildOutcome Make(Rig rig, IReadOnlyList<Kit> kits, QuickSizes? sizes, CancellationToken cancellation);

    private static IEnumerable<Problem> NoLine(Rig rig, string line, string path)
    {
        if (rig.Lines.All(other => other.Id != line)) yield return new Problem(path, BenchWords.NoSuchLine);
    }

    /// <summary>The plan as it is.</summary>
    public sealed record AsPlanned : Build
    {
        /// <inheritdoc/>
        public override BuildOutcome Make(Rig rig, IReadOnlyList<Kit> kits, QuickSizes? sizes, CancellationToken cancellation) => new(rig, BenchWords.AsPlanned, "");
    }

    /// <summary>One line on a bought harness, converted.</summary>
    public sealed record WithKit(string LineId, string Kit, KitWish Wish) : Build
    {
        /// <inheritdoc/>
        public override IEnumerable<Problem> Problems(Rig rig) => [.. NoLine(rig, LineId, "lineId"), .. Wish.Problems(rig).Select(problem => problem with { Path = $"wish.{problem.Path}" })];

        /// <inheritdoc/>
        public override BuildOutcome Make(Rig rig, IReadOnlyList<Kit> kits, QuickSizes? sizes, CancellationToken cancellation)
        {
            var line = rig.Lines.First(line => line.Id == LineId).Name;
            if (kits.FirstOrDefault(kit => kit.Id == Kit) is not { } kit) return new BuildOutcome(null, Kit, BenchWords.NoSuchKit);
            var made = KitConversion.Of(WholeRig.Of(rig, sizes, cancellation).Expanded(LineId), LineId, kit, Wish);
            return new BuildOutcome(made.Converted, BenchWords.FormatWithKit(line, kit.Name), string.Join(' ', made.WhyNot));
        }
    }

    /// <summary>Lines wired anew by a template: loose relays, a power box.</summary>
    /// <param name="LineIds">Empty: all in full wiring or in short.</param>
    public sealed record ByTemplate(string Template, IReadOnlyList<string> LineIds) : Build
    {
        /// <inheritdoc/>
        public override IEnumerable<Problem> Problems(Rig rig)
        {
            if (LineTemplates.All.All(template => template.Id != Template)) yield return new Problem("template", BenchWords.NoSuchTemplate);
            for (var i = 0; i < LineIds.Count; i++)
                foreach (var problem in NoLine(rig, LineIds[i], $"lineIds[{i}]")) yield return problem;
        }

        /// <inheritdoc/>
        public override BuildOutcome Make(Rig rig, IReadOnlyList<Kit> kits, QuickSizes? sizes, CancellationToken cancellation)
        {
            var template = LineTemplates.All.First(template => template.Id == Template);
            var wanted = LineIds.Count > 0 ? LineIds : [.. rig.Lines.Where(line => !line.Existing).Select(line => line.Id)];
            var made = rig;
            foreach (var line in wanted)
            {
                made = WholeRig.Of(made, sizes, cancellation).Expanded(line);
                if (Again(made, line, template, sizes, cancellation) is not { } anew) return new BuildOutcome(null, template.Name, BenchWords.FormatTemplateDoesNotSuit(rig.Lines.First(other => other.Id == line).Name, WhyNot(made, line, template)));
                made = anew;
            }
            return new BuildOutcome(made, BenchWords.FormatByTemplate(template.Name, Format.Count(wanted.Count, BenchWords.Line, BenchWords.Lines)), "");
        }

        private static IReadOnlyList<Fixture> LampsOf(Rig rig, string line) => [.. rig.Lines.First(other => other.Id == line).Lamps().Select(id => rig.Fixtures.First(lamp => lamp.Id == id))];

        private static string WhyNot(Rig rig, string line, Template template) => LampsOf(rig, line) is [var lamp, ..] lamps
            ? LineTemplates.For(rig, lamp, lamps.Count).First(offered => offered.Template.Id == template.Id).WhyNot
            : BenchWords.LineHasNoLamp;

        private static Rig? Again(Rig rig, string lineId, Template template, QuickSizes? sizes, CancellationToken cancellation)
        {
            if (WhyNot(rig, lineId, template).Length > 0) return null;
            var lamps = LampsOf(rig, lineId);
            var name = rig.Lines.First(line => line.Id == lineId).Name;
            var metres = LineWires.Of(rig, lineId).Select(run => run.LengthMetres).DefaultIfEmpty(1).Max();
            var at = rig.Places.FirstOrDefault(place => place.Part == lamps[0].Id)?.At;
            var bare = LineRemoval.Unwired(rig, lineId);
            var builder = new LineBuilder(bare, lineId, new LineWanted(name, lamps, at, null, metres) { There = [.. lamps.Select(lamp => lamp.Id)] }, FreeName.Taken(bare));
            template.Build(builder);
            var kept = builder.Finish();
            var old = rig.Lines.First(line => line.Id == lineId);
            kept = kept with { Lines = [.. kept.Lines.Select(line => line.Id == lineId ? line with { Use = old.Use == LineUse.Unsaid ? line.Use : old.Use, MetresFromFront = old.MetresFromFront } : line)] };
            var sized = WholeRig.Of(kept, sizes, cancellation).Resize(lineId, cancellation: cancellation).Rig;
            var own = bare.Runs.Select(run => run.Id).ToHashSet(StringComparer.Ordinal);
            return WireColours.OfStarted(sized, lineId, run => !own.Contains(run.Id));
        }
    }

    /// <summary>All wiring sized by another school.</summary>
    public sealed record BySchool(SizingSchool School) : Build
    {
        /// <inheritdoc/>
        public override BuildOutcome Make(Rig rig, IReadOnlyList<Kit> kits, QuickSizes? sizes, CancellationToken cancellation)
        {
            var ruled = rig with { HouseRules = rig.HouseRules with { Sizing = School } };
            return new BuildOutcome(WholeRig.Of(ruled, sizes, cancellation).Resize(cancellation: cancellation).Rig, BenchWords.FormatBySchool(School switch
            {
                SizingSchool.LightFirst => BenchWords.LightFirst,
                SizingSchool.MakersHarness => BenchWords.MakersHarness,
                _ => BenchWords.UsualSchool,
            }), "");
        }
    }
}

/// <summary>A rig built one way.</summary>
/// <param name="Rig">Null where it cannot be built so.</param>
/// <param name="WhyNot">Why not; empty where it can.</param>
public sealed record BuildOutcome(Rig? Rig, string Name, string WhyNot);

/// <summary>What one way of building comes to.</summary>
/// <param name="Price">With tax and labour; null: it cannot be built so.</param>
/// <param name="Unpriced">Items that are in no sum.</param>
/// <param name="WasteMetres">Wire that is bought and left over, kits' rests among it, m.</param>
/// <param name="Kilograms">Of copper and lamps, kg.</param>
/// <param name="Parts">How many pieces, wire apart.</param>
/// <param name="Tally">Checks of the whole rig.</param>
public sealed record BuildFigures(string Name, string WhyNot, decimal? Price, int Unpriced, double? Hours, double? WasteMetres, double? Kilograms, int? Parts, int? Wires, double? WireMetres, Tally? Tally)
{
    /// <summary>One that cannot be built.</summary>
    public static BuildFigures Not(BuildOutcome outcome) => new(outcome.Name, outcome.WhyNot, null, 0, null, null, null, null, null, null, null);

    /// <summary>One that can, assessed, laid out on the bench and priced.</summary>
    public static BuildFigures Of(BuildOutcome outcome, AssessedRig assessed, BenchView view, Quote quote)
    {
        var wired = assessed.Study.Wired;
        var rests = KitRests(assessed);
        return new BuildFigures(
            outcome.Name, "", quote.Gross, quote.Unpriced.Count, quote.LabourMinutes / 60, view.Reels.Sum(group => group.LeftMetres) + rests,
            wired.Runs.Sum(run => Conductors.Copper.Kilograms(Conductors.WireTable.Find(run.Wire)!, run.LengthMetres)) + wired.Fixtures.Sum(lamp => lamp.Body?.Kilograms ?? 0),
            view.PartCount(), wired.Runs.Count, wired.Runs.Sum(run => run.LengthMetres), assessed.Assessment.Tally);
    }

    /// <summary>What legs of kits have more than their lanes ask for, m.</summary>
    private static double KitRests(AssessedRig assessed)
    {
        var legs = assessed.Whole.Saved.Runs.Where(run => run is { Kit: not null, Lay.MeasuredMetres: not null }).ToList();
        if (legs.Count == 0) return 0;
        var needs = KitReach.Needs(assessed.Whole.Saved);
        return legs.Sum(run => needs[run.Id].RoutedMetres is { } need ? Math.Max(0, run.Lay!.MeasuredMetres!.Value - need) : 0);
    }
}
