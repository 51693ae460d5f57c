using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Is what switches the lamps good for their current?</summary>
internal static class SwitchingCheck
{
    public static Check Judge(LineSubject subject)
    {
        var demand = subject.Demand;
        var design = demand.DesignAmps;
        const string source = "Relay contacts loaded to 80 %, half their rating at 24 V; a dash switch to 5 A (common practice, no source)";
        if (!demand.NeedsRelay)
        {
            return new Check("switching", Verdict.Holds, "Switch carries the load", design, Limits.SwitchAmps, "A",
                $"{Say.Amps(design)} through the switch itself; no relay needed.", source);
        }
        var rating = subject.Sizing.RelayAmps ?? RelayTable.ContactAmps[^1];
        var most = Limits.RelayLoadFraction * RelayTable.AmpsAt(rating, demand.SystemVolts);
        return subject.Sizing.RelayAmps is null
            ? new Check("switching", Verdict.Stop, "No relay is large enough", design, most, "A",
                $"The largest relay sold carries {Say.Amps(most)} at {demand.SystemVolts} V. Split the line in two or more, each with its own relay.", source)
            : new Check("switching", Verdict.Holds, "Relay carries the load", design, most, "A",
                $"A {rating} A contact carries {Say.Amps(most)} for good at {demand.SystemVolts} V.", source);
    }
}
