using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Templates;

/// <summary>A line wanted from a template, with the answers to its questions.</summary>
/// <param name="Template">Id of the template.</param>
/// <param name="Name">What the line is to be called.</param>
/// <param name="Lamp">The lamp, as the catalogue has it.</param>
/// <param name="Count">How many of it, 1 to 30.</param>
/// <param name="Metres">One way along the vehicle, m; counts where nobody said where the lamps are.</param>
public sealed record TemplateAnswers(string Template, string Name, Fixture Lamp, int Count, double Metres = 3)
{
    /// <summary>The most lamps that one line has from a template.</summary>
    public const int MaxLamps = 30;

    /// <summary>Station or mount of the lamps; null where nobody said.</summary>
    public string? At { get; init; }

    /// <summary>How the current comes back; null: as the house rules have it.</summary>
    public ReturnPath? Return { get; init; }

    /// <summary>The output to be taken, as "box.output" or by its own id; null: the smallest that will do.</summary>
    public string? Output { get; init; }

    /// <summary>Signals are picked up by an adaptor in the lamp's plug, and no wire of the vehicle is cut.</summary>
    public bool ByAdaptor { get; init; }

    /// <summary>Slots are given once all lines are there: nothing is said of the one that it has until then.</summary>
    public bool SlotLater { get; init; }

    /// <summary>Which wire of the high beam goes on and off on this vehicle; null: as it is said already.</summary>
    public SwitchedSide? BeamSwitched { get; init; }
}

/// <summary>What a template wants to know beside lamp, place and number.</summary>
public enum TemplateQuestion
{
    /// <summary>By wire or by the body.</summary>
    Return,

    /// <summary>Which output works it.</summary>
    Output,

    /// <summary>Which wire of the high beam goes on and off.</summary>
    BeamSwitched,
}

/// <summary>A usual way to feed and control lamps.</summary>
/// <param name="Name">What a fitter calls it.</param>
/// <param name="Words">When it suits, in two lines.</param>
/// <param name="UsualCount">How many lamps it usually has.</param>
/// <param name="Questions">What it wants to know.</param>
public sealed record Template(string Id, string Name, string Words, int UsualCount, IReadOnlyList<TemplateQuestion> Questions)
{
    /// <summary>Why it does not suit a rig and lamp; null where it does.</summary>
    internal Func<Rig, Fixture, string?> WhyNot { get; init; } = (_, _) => null;

    /// <summary>The most that it feeds, A.</summary>
    internal double MaxAmps { get; init; } = double.PositiveInfinity;

    /// <summary>Puts the line into the builder.</summary>
    internal Action<LineBuilder> Build { get; init; } = _ => { };
}

/// <summary>A template beside a rig and a lamp.</summary>
/// <param name="WhyNot">Why it does not suit them; empty where it does.</param>
/// <param name="Outputs">Outputs that could be taken, the proposed one first; empty where it takes none.</param>
public sealed record OfferedTemplate(Template Template, string WhyNot, IReadOnlyList<string> Outputs);

/// <summary>A line as a template made it.</summary>
/// <param name="Notes">What was put in and why, a sentence each.</param>
public sealed record BuiltLine(Rig Rig, string LineId, IReadOnlyList<string> Notes);
