using System.Text.Json.Serialization;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Edits;

/// <summary>Puts a lamp of the catalogue on a mount, with a line of its own that leads there.</summary>
public sealed record PlaceLamp(string Mount, string Lamp) : EditCommand
{
    /// <inheritdoc/>
    [JsonIgnore]
    public override bool UsesCatalogue => true;

    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        if (context.Rig.Body?.Mounts.FirstOrDefault(mount => mount.Id == Mount) is not { } mount) return EditOutcome.No("mount", EditWords.FormatThereIsNoMountCalled(Mount));
        if (context.Lamp(Lamp) is not { } lamp) return EditOutcome.No("lamp", EditWords.FormatTheCatalogueHasNoLamp(Lamp));
        var placed = Placing.Put(context.Rig, mount, lamp);
        return new EditOutcome.Done(placed, [], placed.Lines[^1].Id);
    }
}

/// <summary>Puts a part somewhere; a line planned for that lamp leads there then.</summary>
/// <param name="At">Station, mount or space; null: nowhere that anybody said.</param>
public sealed record PlacePart(string Part, string? At = null) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var rig = context.Rig;
        if (At is not null && rig.Body?.PlaceNames().Contains(At) != true) return EditOutcome.No("at", EditWords.FormatThereIsNoPlaceCalled2(At));
        if (At is not null && ExistingLeads.TooShort(rig, Part, At) is { } why) return new EditOutcome.NotPossible(EditWords.ThePartStaysWhereIt, why);
        return EditOutcome.Of(rig with
        {
            Places = [.. rig.Places.Where(place => place.Part != Part), .. At is null ? Array.Empty<Place>() : [new Place(Part, At)]],
            Lines = [.. rig.Lines.Select(line => At is not null && line.Plan is { Lay: { } lay } plan && plan.Fixtures.Contains(Part)
                ? line with { Plan = plan with { Lay = lay with { To = At } } }
                : line)],
        });
    }
}

/// <summary>Changes over what hangs on two outputs.</summary>
/// <param name="From">"box.output", or the id of a factory output.</param>
public sealed record MoveOutput(string From, string To) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var moved = SlotProposal.Move(context.Rig, From, To);
        return ReferenceEquals(moved, context.Rig)
            ? EditOutcome.No("to", EditWords.FormatAndAreNotTwoOutputs(From, To))
            : EditOutcome.Of(moved);
    }
}

/// <summary>Names a pin as it is printed; the wires stay on it.</summary>
/// <param name="Pin">What it is called now.</param>
public sealed record RenamePin(string Part, string Pin, string Name) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var rig = context.Rig;
        if (Rig.Lists.FirstOrDefault(list => list.Of(rig).Any(part => part?.Id == Part)) is not { } list) return EditOutcome.No("part", EditWords.ThereIsNoSuchPart);
        var part = list.Of(rig).First(other => other!.Id == Part)!;
        var pins = part.Pins() ?? [];
        if (!pins.Contains(Pin)) return EditOutcome.No("pin", EditWords.ItHasNoSuchPin);
        if (Name.Trim().Length == 0) return EditOutcome.No("name", EditWords.GiveThePinAsIt);
        if (Name != Pin && pins.Contains(Name)) return EditOutcome.No("name", EditWords.FormatIsAnotherPinOfIt(Name));
        if (part.WithPin(Pin, Name) is not { } renamed) return EditOutcome.No("pin", EditWords.ItsPinsAreCalledWhat);
        string End(string end) => end == $"{Part}.{Pin}" ? $"{Part}.{Name}" : end;
        var made = list.With(rig, renamed);
        return EditOutcome.Of(made with { Runs = [.. made.Runs.Select(run => run with { From = End(run.From), To = End(run.To) })] });
    }
}
