using System.Text.Json.Serialization;
using BurlyRidge.Core.Bench;

namespace BurlyRidge.Core.Edits;

/// <summary>Builds the rig another way.</summary>
public sealed record TakeBuild(Build Build) : EditCommand
{
    /// <inheritdoc/>
    [JsonIgnore]
    public override bool UsesCatalogue => true;

    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        if (Build.Problems(context.Rig).Select(problem => problem with { Path = $"build.{problem.Path}" }).ToList() is { Count: > 0 } problems) return new EditOutcome.Refused(problems);
        var made = Build.Make(context.Rig, context.Kits, context.Sizes, context.Cancellation);
        return made.Rig is { } rig ? EditOutcome.Of(rig, EditWords.FormatBuiltSo(made.Name)) : new EditOutcome.NotPossible(EditWords.NotBuiltSo, made.WhyNot);
    }
}
