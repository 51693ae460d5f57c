using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Edits;

/// <summary>Takes into the plan how wires and parts are on the vehicle.</summary>
public sealed record TakeAsBuilt(IReadOnlyList<BuiltSo> Built) : EditCommand
{
    private const int Most = 500;
    private const double MostMetres = 100;
    private const int MostColour = 40;

    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var (rig, problems) = (context.Rig, new Problems());
        problems.Count("built", Built.Count, 1, Most, EditWords.WiresAndParts);
        problems.Each("built", Built, (path, built) =>
        {
            if (built.Metres is { } metres) problems.Above($"{path}.metres", metres, 0, MostMetres, "m");
            if (built.Colour is { } colour) problems.Letters($"{path}.colour", colour, MostColour);
            var isRun = rig.Runs.Any(run => run.Id == built.About);
            if (!isRun && (built.Metres is not null || built.Colour is not null)) problems.Add($"{path}.about", EditWords.FormatThereIsNoWireOfTheRig(built.About));
            if (!isRun && built.At is not null && rig.AllParts().All(part => part.Id != built.About)) problems.Add($"{path}.about", EditWords.ThereIsNoSuchPartThat);
        });
        if (problems.Found.Count > 0) return new EditOutcome.Refused(problems.Found);
        for (var i = 0; i < Built.Count; i++)
        {
            var built = Built[i];
            rig = rig.WithRun(built.About, run => Of(run, built));
            if (built.At is not { } at) continue;
            switch (new PlacePart(built.About, at).Run(context with { Rig = rig }))
            {
                case EditOutcome.Done placed:
                    rig = placed.Rig;
                    break;
                case EditOutcome.Refused refused:
                    return new EditOutcome.Refused([.. refused.Problems.Select(problem => problem with { Path = $"built[{i}].{problem.Path}" })]);
                case var other:
                    return other;
            }
        }
        return EditOutcome.Of(rig);
    }

    /// <summary>A measured length counts instead of the length along the lanes, which is kept beside it.</summary>
    private static Run Of(Run run, BuiltSo built)
    {
        var made = run with { Colour = built.Colour ?? run.Colour };
        return built.Metres is not { } metres ? made : made.Lay is { } lay ? made with { Lay = lay with { MeasuredMetres = metres } } : made with { LengthMetres = metres };
    }
}
