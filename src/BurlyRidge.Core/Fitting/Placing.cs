using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Fitting;

/// <summary>Puts a lamp of a catalogue on a mount, with a line of its own that leads there.</summary>
public static class Placing
{
    /// <summary>
    /// The rig with the lamp, its place and a line planned in short: back by wire, on a switch of its own. Everything in the plan
    /// is there to be changed; its length follows from the lanes.
    /// </summary>
    public static Rig Put(Rig rig, Mount mount, CatalogueLamp lamp)
    {
        var id = FreeName.In(rig, lamp.Fixture.Id);
        var line = FreeName.In(rig, mount.Id);
        var functions = lamp.Fixture.Functions;
        return rig with
        {
            Fixtures = [.. rig.Fixtures, lamp.Fixture with { Id = id }],
            Places = [.. rig.Places, new Place(id, mount.Id)],
            Lines =
            [
                .. rig.Lines,
                new Line(line, $"{lamp.Fixture.Name}, {char.ToLowerInvariant(mount.Name[0])}{mount.Name[1..]}", new LinePlan(
                    [.. functions.Take(1).Select(function => new LampSet(function.Kind, 1, function.Power))],
                    GuessMetres, ReturnPath.Wire, [Zone.EngineBay], 105, Trigger.SwitchAlone)
                {
                    Lay = new PlanLay(mount.Id, new Lay()),
                    Fixtures = [id],
                })
                {
                    MetresFromFront = Math.Max(0, mount.At.Back),
                },
            ],
        };
    }

    /// <summary>Stands until the lanes say better, m.</summary>
    private const double GuessMetres = 3;
}
