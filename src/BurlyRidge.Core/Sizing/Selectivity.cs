using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Sizing;

/// <summary>A branch fuse behind a main one.</summary>
/// <param name="FarAmps">The least that a short far behind it draws, A.</param>
/// <param name="NearAmps">The most that one right behind it draws, A.</param>
public sealed record BranchFuse(Link Device, double FarAmps, double NearAmps)
{
    /// <summary>Whether it opens before <paramref name="main"/> may, on a short far behind it and on one right behind it.</summary>
    public bool Before(Fuse main) => BeforeAt(main, FarAmps) && BeforeAt(main, NearAmps);

    /// <summary>The current at which it is worst beside <paramref name="main"/>, A.</summary>
    public double WorstAmps(Fuse main) => BeforeAt(main, FarAmps) && !BeforeAt(main, NearAmps) ? NearAmps : FarAmps;

    private bool BeforeAt(Fuse main, double amps) => FuseTime.SlowestSeconds(Device.Fuse!, amps) <= FuseTime.FastestSeconds(main, amps);
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
                if (amps > 0) yield return new BranchFuse(device, amps, Math.Max(amps, study.Faults.AtDevice(device)));
            }
        }
    }
}
