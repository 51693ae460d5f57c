using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks;

/// <summary>What cures a check of a line planned in short.</summary>
public static class PlanRemedies
{
    /// <summary>The check with its line and, where a choice by hand is what fails, the proposal as its remedy.</summary>
    public static Check Add(Check check, Line line) => check with
    {
        LineId = line.Id,
        Remedy = check.Verdict == Verdict.Holds || line.Plan is not { } plan || (plan.ChosenWire is null && plan.ChosenFuse is null)
            ? null
            : new Remedy("Use the proposal") { Apply = rig => Edit.Plan(rig, line.Id, old => old with { ChosenWire = null, ChosenFuse = null }) },
    };
}
