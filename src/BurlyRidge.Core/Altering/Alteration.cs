using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Strips;

namespace BurlyRidge.Core.Altering;

/// <summary>Where on a strip something is to be altered.</summary>
/// <param name="Rig">The rig with all lines wired part by part that its strip shows so.</param>
/// <param name="Line">The line.</param>
/// <param name="Strip">It from source to earth.</param>
/// <param name="Station">The station that was chosen.</param>
/// <param name="Control">Whether it lies on a way that only works a coil.</param>
internal sealed record AlterSite(Rig Rig, Line Line, Strip Strip, StripStation Station, bool Control)
{
    /// <summary>Every station of the strip.</summary>
    public IEnumerable<StripStation> Stations => Strip.Strands.SelectMany(strand => strand.Stations);

    /// <summary>Stations that the lamps' current passes.</summary>
    public IEnumerable<StripStation> Power => Strip.Strands.Where(strand => !strand.Control).SelectMany(strand => strand.Stations);

    /// <summary>Runs of the rig that end at a terminal.</summary>
    public IEnumerable<Run> RunsAt(string terminal) => Rig.Runs.Where(run => run.From == terminal || run.To == terminal);
}

/// <summary>One way to alter a line at a station of it.</summary>
/// <param name="Id">Stable name.</param>
/// <param name="Label">What it does, as on a button; null where it cannot be done there.</param>
internal sealed record Alteration(string Id, Func<AlterSite, string?> Label, Func<AlterSite, Rig> Apply);

/// <summary>Something that can be done at a station.</summary>
/// <param name="Station">Id of the station.</param>
public sealed record Offer(string Station, string Id, string Label);
