using System.Text.Json.Serialization;
using BurlyRidge.Core.Kits;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Edits;

/// <summary>Wires a line with a kit of the catalogue, converted for what is wanted; its lamps stay where they are.</summary>
/// <param name="Kit">Id of the kit in the catalogue.</param>
public sealed record TakeKit(string LineId, string Kit, KitWish Wish) : EditCommand
{
    /// <inheritdoc/>
    [JsonIgnore]
    public override bool UsesCatalogue => true;

    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        if (context.Line(LineId) is null) return EditOutcome.NoLine(LineId);
        if (context.Kits.FirstOrDefault(kit => kit.Id == Kit) is not { } kit) return EditOutcome.No("kit", EditWords.FormatNoSuchKit(Kit));
        if (Wish.Problems(context.Rig).Select(problem => problem with { Path = $"wish.{problem.Path}" }).ToList() is { Count: > 0 } problems) return new EditOutcome.Refused(problems);
        var made = KitConversion.Of(WholeRig.Of(context.Rig, context.Sizes, context.Cancellation).Expanded(LineId), LineId, kit, Wish);
        return made.Converted is { } rig
            ? new EditOutcome.Done(rig, [EditWords.FormatKitTaken(kit.Name), .. made.Changes.Select(change => change.Words)], LineId)
            : new EditOutcome.NotPossible(EditWords.KitCannotServe, string.Join(' ', made.WhyNot));
    }
}
