using System.Text.Json.Serialization;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Kits;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Edits;

/// <summary>
/// A change of a rig that is more than the value of a field: pure, from a valid rig to another, with what was done in words.
/// </summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(CureCheck), "cureCheck")]
[JsonDerivedType(typeof(AcceptWatch), "acceptWatch")]
[JsonDerivedType(typeof(WithdrawAcceptance), "withdrawAcceptance")]
[JsonDerivedType(typeof(TakeOffer), "takeOffer")]
[JsonDerivedType(typeof(WireByParts), "wireByParts")]
[JsonDerivedType(typeof(RemoveLine), "removeLine")]
[JsonDerivedType(typeof(CopyLine), "copyLine")]
[JsonDerivedType(typeof(AddTemplateLine), "addTemplateLine")]
[JsonDerivedType(typeof(PlaceLamp), "placeLamp")]
[JsonDerivedType(typeof(PlacePart), "placePart")]
[JsonDerivedType(typeof(MoveOutput), "moveOutput")]
[JsonDerivedType(typeof(RenamePin), "renamePin")]
[JsonDerivedType(typeof(AddPart), "addPart")]
[JsonDerivedType(typeof(RemovePart), "removePart")]
[JsonDerivedType(typeof(AddRun), "addRun")]
[JsonDerivedType(typeof(MoveRunEnd), "moveRunEnd")]
[JsonDerivedType(typeof(RemoveRun), "removeRun")]
[JsonDerivedType(typeof(ChangeSystem), "changeSystem")]
[JsonDerivedType(typeof(AssignLight), "assignLight")]
[JsonDerivedType(typeof(MoveFeed), "moveFeed")]
[JsonDerivedType(typeof(MoveTrigger), "moveTrigger")]
[JsonDerivedType(typeof(UseSpareLead), "useSpareLead")]
[JsonDerivedType(typeof(JoinEarths), "joinEarths")]
[JsonDerivedType(typeof(LayTogether), "layTogether")]
[JsonDerivedType(typeof(GiveColours), "giveColours")]
[JsonDerivedType(typeof(SwapLamp), "swapLamp")]
[JsonDerivedType(typeof(TakeKit), "takeKit")]
[JsonDerivedType(typeof(TakeBuild), "takeBuild")]
[JsonDerivedType(typeof(TakeProposal), "takeProposal")]
[JsonDerivedType(typeof(AimLamps), "aimLamps")]
[JsonDerivedType(typeof(KeepSetup), "keepSetup")]
[JsonDerivedType(typeof(TakeSetup), "takeSetup")]
[JsonDerivedType(typeof(DropSetup), "dropSetup")]
[JsonDerivedType(typeof(TakeBeamFile), "takeBeamFile")]
[JsonDerivedType(typeof(DropBeamFile), "dropBeamFile")]
[JsonDerivedType(typeof(TakeAsBuilt), "takeAsBuilt")]
[JsonDerivedType(typeof(MirrorBody), "mirrorBody")]
[JsonDerivedType(typeof(MirrorMount), "mirrorMount")]
[JsonDerivedType(typeof(MoveBattery), "moveBattery")]
[JsonDerivedType(typeof(ChangeBody), "changeBody")]
[JsonDerivedType(typeof(RemoveStation), "removeStation")]
[JsonDerivedType(typeof(RemoveLane), "removeLane")]
[JsonDerivedType(typeof(RemoveMount), "removeMount")]
[JsonDerivedType(typeof(RemoveSpace), "removeSpace")]
public abstract record EditCommand
{
    /// <summary>Whether it looks for lamps in the catalogue.</summary>
    [JsonIgnore]
    public virtual bool UsesCatalogue => false;

    /// <summary>Whether it goes by what follows from the rig.</summary>
    [JsonIgnore]
    public virtual bool UsesAssessment => false;

    /// <summary>Does it on a valid rig.</summary>
    public abstract EditOutcome Run(EditContext context);
}

/// <summary>What a command works on.</summary>
/// <param name="Rig">A valid rig.</param>
public sealed record EditContext(Rig Rig)
{
    /// <summary>The lamps that there are.</summary>
    public IReadOnlyList<CatalogueLamp> Lamps { get; init; } = [];

    /// <summary>The bought harnesses that there are.</summary>
    public IReadOnlyList<Kit> Kits { get; init; } = [];

    /// <summary>The rig assessed, where the command goes by it and somebody has it already.</summary>
    public AssessedRig? Assessed { get; init; }

    /// <summary>What is remembered of quick plans; null: nothing.</summary>
    public QuickSizes? Sizes { get; init; }

    /// <summary>Ends the work early, with an <see cref="OperationCanceledException"/>.</summary>
    public CancellationToken Cancellation { get; init; }

    /// <summary>The lamp of that id; null where the catalogue has none.</summary>
    public CatalogueLamp? Lamp(string id) => Lamps.FirstOrDefault(lamp => lamp.Fixture.Id == id);

    /// <summary>The line of that id; null where there is none.</summary>
    public Line? Line(string id) => Rig.Lines.FirstOrDefault(line => line.Id == id);
}

/// <summary>What came of a command.</summary>
public abstract record EditOutcome
{
    private EditOutcome() { }

    /// <summary>It is done.</summary>
    /// <param name="Notes">What was done and why, a sentence each; empty where the change says it itself.</param>
    /// <param name="LineId">The line that came of it; null where none did.</param>
    public sealed record Done(Rig Rig, IReadOnlyList<string> Notes, string? LineId = null) : EditOutcome
    {
        /// <summary>The part or wire that came of it; null where none did.</summary>
        public string? PartId { get; init; }
    }

    /// <summary>Fields of the command cannot be taken.</summary>
    public sealed record Refused(IReadOnlyList<Problem> Problems) : EditOutcome;

    /// <summary>The rig is not, or no more, one that it can be done on.</summary>
    /// <param name="Title">That it cannot be done.</param>
    /// <param name="Detail">Why.</param>
    public sealed record NotPossible(string Title, string Detail) : EditOutcome;

    internal static EditOutcome Of(Rig rig, params IReadOnlyList<string> did) => new Done(rig, did);

    internal static EditOutcome No(string field, string message) => new Refused([new Problem(field, message)]);

    internal static EditOutcome NoLine(string id) => No("lineId", EditWords.FormatThereIsNoLineCalled(id));
}
