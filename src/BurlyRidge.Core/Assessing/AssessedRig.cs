using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Assessing;

/// <summary>A rig with what it was studied and assessed to. Nothing in it is solved any more: it can be read from several sides at once.</summary>
/// <param name="Whole">The rig as it lies, and with every line in full wiring.</param>
/// <param name="Study">That, solved.</param>
/// <param name="Assessment">What follows, in no state but those worth judging.</param>
public sealed record AssessedRig(WholeRig Whole, RigStudy Study, Assessment Assessment)
{
    /// <summary>Studies and assesses a valid rig; pure and total.</summary>
    /// <param name="rig">The rig.</param>
    /// <param name="prices">What wire costs; null: not known.</param>
    /// <param name="sizes">What is remembered of quick plans; null: nothing.</param>
    /// <param name="cancellation">Ends the work early, with an <see cref="OperationCanceledException"/>.</param>
    public static AssessedRig Of(Rig rig, WirePrices? prices = null, QuickSizes? sizes = null, CancellationToken cancellation = default) =>
        Of(WholeRig.Of(rig, sizes, cancellation), prices, cancellation);

    /// <summary>The same of a rig that was laid and expanded before.</summary>
    public static AssessedRig Of(WholeRig whole, WirePrices? prices = null, CancellationToken cancellation = default)
    {
        var (subject, assessment) = Assessor.Judge(whole, prices ?? WirePrices.None, cancellation);
        return new AssessedRig(subject.Whole, subject.Study, assessment);
    }

    /// <summary>The assessment with the states asked for, solved one after another.</summary>
    public Assessment In(IReadOnlyList<RigState> states, CancellationToken cancellation = default) => states.Count == 0 ? Assessment : Assessment with
    {
        States = [.. HarnessCompiler.Sequence(Study.Wired, states.Unless(cancellation)).Zip(states, (solved, state) => StateAnswer.Of(Study.Wired, state, solved))],
    };
}
