using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Earths;

/// <summary>Does a return pass a battery's current sensor by, and which rule wins?</summary>
internal static class CurrentSensorCheck
{
    internal static readonly CheckKind Kind = new("current-sensor", CheckWords.ReturnsPassTheBatteryS, CheckWords.MakersOfTheVehicleAnd);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var battery in subject.Vehicle.Batteries.Where(battery => battery.CurrentSensor))
        {
            var posts = subject.Rig.Earths.Where(earth => earth.Kind == EarthKind.Post && (earth.On ?? subject.Vehicle.Batteries[0].Id) == battery.Id).ToList();
            var bypassing = posts.Where(earth => subject.Study.Map.RunsAt(earth.Id).Any()).ToList();
            if (bypassing.Count == 0)
            {
                yield return Kind.Result(Verdict.Holds, 0, 0, "returns", CheckWords.FormatNothingReturnsToThePost(subject.Names[battery.Id]), battery.Id);
                continue;
            }
            foreach (var earth in bypassing)
            {
                var box = subject.MinusAt(earth.Id);
                yield return Kind.Result(Verdict.Watch, 1, 0, "returns",
                    box is not null
                        ? CheckWords.FormatMustBeOnThePost(subject.Names[box.Id], subject.Names[battery.Id])
                        : CheckWords.FormatWhatReturnsToPassesThe(subject.Names[earth.Id], subject.Names[battery.Id]),
                    earth.Id, subject.Whole.QuickLineOf(earth.Id), null,
                    () => box is null
                        ? new Remedy(CheckWords.TakeAStudOnThe) { Apply = rig => Edit.Earth(rig, earth.Id, old => old with { Kind = EarthKind.Stud, On = null }) }
                        : null);
            }
        }
    }
}
