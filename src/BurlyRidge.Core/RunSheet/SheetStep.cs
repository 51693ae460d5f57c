using System.Text.Json.Serialization;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.RunSheet;

/// <summary>One step of the work.</summary>
/// <param name="Id">The same as long as the plan has what it is about: what was done is remembered by it.</param>
/// <param name="Title">What to do.</param>
/// <param name="Why">Why, and why now.</param>
public sealed record SheetStep(string Id, Stage Stage, string Title, string Why)
{
    /// <summary>How, in its order.</summary>
    public IReadOnlyList<string> How { get; init; } = [];

    /// <summary>Parts, wires, mounts and stations that it is about; none: the whole vehicle.</summary>
    public IReadOnlyList<string> About { get; init; } = [];

    /// <summary>Where that is; empty: not specified.</summary>
    public string Place { get; init; } = "";

    /// <summary>The same as points on the vehicle, to be marked on its drawing.</summary>
    public IReadOnlyList<Point> Marks { get; init; } = [];

    /// <summary>Routes of wires that it is about, from station to station.</summary>
    public IReadOnlyList<IReadOnlyList<Point>> Paths { get; init; } = [];

    /// <summary>Tools, with sizes.</summary>
    public IReadOnlyList<string> Tools { get; init; } = [];

    /// <summary>What goes in at this step.</summary>
    public IReadOnlyList<string> Parts { get; init; } = [];

    /// <summary>What to be careful of.</summary>
    public IReadOnlyList<string> Cautions { get; init; } = [];

    /// <summary>What of the task table it is.</summary>
    public WorkTask Task { get; init; } = WorkTask.Job;

    /// <summary>How much of that task, beside the other steps that are of it.</summary>
    [JsonIgnore]
    public double Share { get; init; } = 1;

    /// <summary>How long it takes by the task table, min.</summary>
    public double Minutes { get; init; }

    /// <summary>Ids of the steps that have to be done before.</summary>
    public IReadOnlyList<string> After { get; init; } = [];

    /// <summary>What has to be answered.</summary>
    public IReadOnlyList<Ask> Asks { get; init; } = [];

    /// <summary>What cannot be passed; null: nothing.</summary>
    public Hold? Hold { get; init; }

    /// <summary>What stands open once it is done.</summary>
    public IReadOnlyList<Standing> Leaves { get; init; } = [];

    /// <summary>What stands open from when it is begun until it is done.</summary>
    [JsonIgnore]
    public IReadOnlyList<Standing> Meanwhile { get; init; } = [];

    /// <summary>Ends of wires that are made at it.</summary>
    public IReadOnlyList<WireEnd> Ends { get; init; } = [];

    /// <summary>The step of a part on order that it stands in the place of; empty: none.</summary>
    [JsonIgnore]
    public string InPlaceOf { get; init; } = "";

    /// <summary>What of the plan it goes by: where that changes after it was done, it is to be done again.</summary>
    [JsonIgnore]
    public IReadOnlyList<Fact> Facts { get; init; } = [];

    /// <summary>Ids of the steps that, done again or undone, make it to be done again too.</summary>
    [JsonIgnore]
    public IReadOnlyList<string> LapsesWith { get; init; } = [];

    /// <summary>It is to be done again whenever something of the plan was undone.</summary>
    [JsonIgnore]
    public bool LapsesWithUndone { get; init; }

    /// <summary>The step that ends what it did: a cover is back on, a battery back on; empty: none.</summary>
    [JsonIgnore]
    public string EndedBy { get; init; } = "";

    /// <summary>The time in which it is live that it belongs to; empty: none. While that is open no other step is begun.</summary>
    public string Window { get; init; } = "";
}

/// <summary>An end of a wire, as the register has it.</summary>
/// <param name="At">The terminal, as "part.pin".</param>
/// <param name="Name">What that is called, and the wire at it.</param>
/// <param name="Colour">Of the wire, by the plan; empty: not specified.</param>
public sealed record WireEnd(string At, string Wire, string Name, string Colour);

/// <summary>Something of the plan that a step goes by.</summary>
/// <param name="Key">Id of the part or wire, with what of it.</param>
/// <param name="What">What that is called.</param>
/// <param name="Value">How the plan has it.</param>
public sealed record Fact(string Key, string What, string Value);
