using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Sizing;

/// <summary>A branch fuse behind a main one, with the least current that a short far behind it draws.</summary>
public sealed record BranchFuse(Link Device, double FarAmps)
{
    /// <summary>The slowest that it opens at that, s.</summary>
    public double SlowestSeconds => FuseTime.SlowestSeconds(Device.Fuse!, FarAmps);

    /// <summary>Whether it opens before <paramref name="main"/> may.</summary>
    public bool Before(Fuse main) => SlowestSeconds <= FuseTime.FastestSeconds(main, FarAmps);
}

/// <summary>Which fuses stand behind which.</summary>
public static class Selectivity
{
    /// <summary>The branches behind <paramref name="main"/>, where it alone feeds them and more than one line hangs on it: a line that is dark by either fuse gains nothing.</summary>
    public static IEnumerable<BranchFuse> Branches(RigStudy study, Link main)
    {
        if (study.LinesOf(main.Id).Count <= 1) yield break;
        foreach (var end in new[] { main.A, main.B })
        {
            var section = study.Feeds.Of(end);
            if (section.Sources.Count > 0 || section.Feeders is not [{ } only] || only.Device != main) continue;
            foreach (var device in section.Terminals.SelectMany(study.Map.At).Where(link => link.Kind == LinkKind.Device && link != main).Distinct())
            {
                var behind = study.Feeds.Of(device.A) == section ? study.Feeds.Of(device.B) : study.Feeds.Of(device.A);
                var way = behind.Feeders.FirstOrDefault(feeder => feeder.Device == device);
                if (behind.Grounded || way is null) continue;
                var amps = behind.Terminals.Select(terminal => study.Faults.Least(way, terminal)).Where(least => least > 0).DefaultIfEmpty(0).Min();
                if (amps > 0) yield return new BranchFuse(device, amps);
            }
        }
    }
}
