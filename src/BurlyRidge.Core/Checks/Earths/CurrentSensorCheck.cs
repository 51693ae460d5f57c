using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Earths;

/// <summary>Does a return pass a battery's current sensor by, and which rule wins?</summary>
internal static class CurrentSensorCheck
{
    internal static readonly CheckKind Kind = new("current-sensor", "Returns pass the battery's current sensor", "Makers of the vehicle and of the box; common practice, no source");

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var battery in subject.Vehicle.Batteries.Where(battery => battery.CurrentSensor))
        {
            var posts = subject.Rig.Earths.Where(earth => earth.Kind == EarthKind.Post && (earth.On ?? subject.Vehicle.Batteries[0].Id) == battery.Id).ToList();
            var bypassing = posts.Where(earth => subject.Study.Map.RunsAt(earth.Id).Any()).ToList();
            if (bypassing.Count == 0)
            {
                yield return Kind.Result(Verdict.Holds, 0, 0, "returns", $"Nothing returns to the post of {subject.Names[battery.Id]} behind its sensor.", battery.Id);
                continue;
            }
            foreach (var earth in bypassing)
            {
                var box = subject.MinusAt(earth.Id);
                yield return Kind.Result(Verdict.Watch, 1, 0, "returns",
                    box is not null
                        ? $"{subject.Names[box.Id]} must be on the post, and {subject.Names[battery.Id]} has a current sensor there. The box's maker wins: the sensor then misses what the box itself draws, so keep lamp returns off this post."
                        : $"What returns to {subject.Names[earth.Id]} passes the current sensor of {subject.Names[battery.Id]} by: the vehicle miscounts its charge. Take the body side of the sensor.",
                    earth.Id, subject.Whole.QuickLineOf(earth.Id), null,
                    () => box is null
                        ? new Remedy("Take a stud on the body instead") { Apply = rig => Edit.Earth(rig, earth.Id, old => old with { Kind = EarthKind.Stud, On = null }) }
                        : null);
            }
        }
    }
}
