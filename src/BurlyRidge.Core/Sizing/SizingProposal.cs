using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>One part that would change.</summary>
/// <param name="Part">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="What">"wire", "fuse", "relay".</param>
/// <param name="Why">What asks for it.</param>
public sealed record SizeChange(string Part, string Name, string What, string From, string To, string Why);

/// <summary>A rig sized anew.</summary>
/// <param name="Rig">The rig as it would be.</param>
/// <param name="Changes">What is other than before, in the rig's order.</param>
/// <param name="Gauges">Sizes of wire that would be bought, thin to thick.</param>
/// <param name="Left">What no size cures, a sentence each.</param>
public sealed record SizingProposal(Rig Rig, IReadOnlyList<SizeChange> Changes, IReadOnlyList<string> Gauges, IReadOnlyList<string> Left);
