using System.Text.Json.Serialization;
using BurlyRidge.Core.Altering;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Edits;

/// <summary>Puts the remedy of a check in, as the assessment names it.</summary>
public sealed record CureCheck(string CheckId, string About = "", string? LineId = null) : EditCommand
{
    /// <inheritdoc/>
    [JsonIgnore]
    public override bool UsesAssessment => true;

    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var assessment = (context.Assessed ?? AssessedRig.Of(context.Rig, sizes: context.Sizes, cancellation: context.Cancellation)).Assessment;
        var check = assessment.Lines.SelectMany(line => line.Checks).Concat(assessment.Checks)
            .FirstOrDefault(check => check.Id == CheckId && check.About == About && check.LineId == LineId && check.Remedy is not null);
        return check?.Remedy is { } remedy
            ? EditOutcome.Of(remedy.Apply(context.Rig), remedy.Label)
            : new EditOutcome.NotPossible(EditWords.AlreadyPutRight, EditWords.FormatTheCheckHoldsOrHas(CheckId));
    }
}

/// <summary>Adds, removes or swaps something along a line, as its view offers it.</summary>
public sealed record TakeOffer(string LineId, string Station, string Offer) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context) =>
        context.Line(LineId) is null ? EditOutcome.NoLine(LineId)
        : LineView.Alter(context.Rig, LineId, Station, Offer, context.Sizes) is { } altered ? EditOutcome.Of(altered)
        : new EditOutcome.NotPossible(EditWords.ThatCannotBeDoneThere, EditWords.FormatIsNotOfferedAtOf(Offer, Station));
}

/// <summary>Wires a line planned in short part by part.</summary>
public sealed record WireByParts(string LineId) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context) =>
        context.Line(LineId) is null ? EditOutcome.NoLine(LineId) : new EditOutcome.Done(WholeRig.Of(context.Rig, context.Sizes, context.Cancellation).Expanded(LineId), [], LineId);
}

/// <summary>Takes a line out, with what nothing else needs.</summary>
public sealed record RemoveLine(string LineId) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context) =>
        LineRemoval.Of(context.Rig, LineId) is { } removed ? new EditOutcome.Done(removed.Rig, removed.Notes) : EditOutcome.NoLine(LineId);
}

/// <summary>Puts a line in a second time, with parts and wires of its own.</summary>
/// <param name="Name">Of the copy; empty: the first free one made of the line's.</param>
public sealed record CopyLine(string LineId, string Name = "") : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        if (context.Line(LineId) is not { } line) return EditOutcome.NoLine(LineId);
        var names = context.Rig.Lines.Select(other => other.Name).ToHashSet(StringComparer.OrdinalIgnoreCase);
        var name = Name.Trim();
        for (var i = 2; name.Length == 0; i++)
            if (!names.Contains($"{line.Name} {i}")) name = $"{line.Name} {i}";
        var copied = LineCopy.Of(context.Rig, LineId, name)!;
        return new EditOutcome.Done(copied.Rig, copied.Notes, copied.LineId);
    }
}

/// <summary>Puts a line in from a template and a lamp of the catalogue.</summary>
/// <param name="Lamp">Id of the lamp in the catalogue.</param>
/// <param name="At">Station or mount of the lamps; null where nobody said.</param>
/// <param name="Metres">One way, m; counts where nobody said where the lamps are.</param>
public sealed record AddTemplateLine(
    string Template, string Name, string Lamp, int Count, double Metres = 3,
    string? At = null, ReturnPath? Return = null, string? Output = null, SwitchedSide? BeamSwitched = null) : EditCommand
{
    /// <inheritdoc/>
    [JsonIgnore]
    public override bool UsesCatalogue => true;

    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        if (context.Lamp(Lamp) is not { } lamp) return EditOutcome.No("lamp", EditWords.FormatTheCatalogueHasNoLamp(Lamp));
        var asked = new TemplateAnswers(Template, Name, lamp.Fixture, Count, Metres) { At = At, Return = Return, Output = Output, BeamSwitched = BeamSwitched };
        if (LineTemplates.Validate(context.Rig, asked).ToList() is { Count: > 0 } problems) return new EditOutcome.Refused(problems);
        if (LineTemplates.For(context.Rig, lamp.Fixture, Count).First(offered => offered.Template.Id == Template).WhyNot is { Length: > 0 } why) return EditOutcome.No("template", why);
        var started = LineTemplates.Build(context.Rig, asked, context.Sizes, context.Cancellation);
        return new EditOutcome.Done(started.Rig, started.Notes, started.LineId);
    }
}
