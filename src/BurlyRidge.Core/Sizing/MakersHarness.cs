using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>What the maker of a line's lamps says of their harness, and what of the line it stands for.</summary>
/// <param name="Wire">The thickest that is said; null where not every lamp says one.</param>
/// <param name="Fuse">The largest that is said; null where not every lamp says one.</param>
/// <param name="Runs">The wires of the line alone that carry lamp current behind those fuses or before them; a box's main lead and what a converter feeds are not the harness's.</param>
/// <param name="Devices">The fuses of the line alone that carry all of it and are not chosen by hand.</param>
internal sealed record MakersHarness(Line Line, WireSize? Wire, Fuse? Fuse, IReadOnlyList<string> Runs, IReadOnlyList<string> Devices)
{
    /// <summary>How many lamps the line has.</summary>
    public int Lamps { get; init; }

    /// <summary>A size with a hair less copper is the same.</summary>
    public const double Alike = 0.97;

    /// <summary>Less of the line's lamp current than this goes to a coil or an input.</summary>
    private const double LampFraction = 0.05;

    /// <summary>A fuse with less of it is a branch's.</summary>
    private const double MainFraction = 0.5;

    /// <summary>Reads the lamps of a line.</summary>
    public static MakersHarness Of(RigStudy study, LineStudy line)
    {
        var lamps = line.Lamps.Select(lamp => TerminalIndex.Split(lamp.Id).Part).Distinct()
            .Select(id => study.Wired.Fixtures.First(fixture => fixture.Id == id)).ToList();
        var says = lamps.Count > 0 && lamps.TrueForAll(lamp => lamp.HarnessWire is not null && lamp.HarnessFuseAmps is not null);
        var fuse = says ? FuseTable.AtLeast(lamps.Max(lamp => lamp.HarnessFuseAmps!.Value)) : null;
        bool Own(string element) => study.LinesOf(element) is [var only] && only == line.Line.Id;
        var runs = study.Runs.Where(figures => Own(figures.Run.Id)).ToList();
        var most = runs.Select(figures => figures.LampAmps).DefaultIfEmpty(0).Max();
        List<string> devices = [.. study.Wired.Protection.Where(device => !device.Fixed && Own(device.Id) && study.Loads.Of(device.Id) >= MainFraction * most).Select(device => device.Id)];
        return new MakersHarness(
            line.Line,
            says ? lamps.Select(lamp => WireTable.Find(lamp.HarnessWire!)!).MaxBy(wire => wire.CopperSquareMillimetres) : null,
            fuse,
            [.. runs.Where(figures => figures.LampAmps >= LampFraction * most && figures.LimitedAmps == 0 && figures.Devices.Concat(figures.Behind).All(device => devices.Contains(device.Id))).Select(figures => figures.Run.Id)],
            devices)
        {
            Lamps = lamps.Count,
        };
    }
}
