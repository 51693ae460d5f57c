using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Tests.Support.Shapes;

/// <summary>Careful rigs on a wagon of no kind in particular, every part in its place.</summary>
internal static class PlacedRigs
{
    private static readonly LampDimensions Straight = new(900, 70, 80, 4)
    {
        Holds = [new Holder(HolderKind.Feet, 600, 850)],
        TailMillimetres = 300,
    };

    /// <summary>A bar on the roof, its relay beside the battery.</summary>
    public static Rig Bar => Lay(GoodRigs.Bar with
    {
        Body = GenericBody.Of(BodyKind.LongWagon),
        Fixtures = [GoodRigs.Bar.Fixtures[0] with { Body = Straight }],
        Places =
        [
            new Place("f", "battery"), new Place("cf", "battery"), new Place("sp", "battery"), new Place("k", "bay-shelf"), new Place("ec", "battery"), new Place("e", "battery"),
            new Place("plug", "roof-front"), new Place("bar", "roof-bar"), new Place("s", "dash"),
        ],
        PartBodies = [new PartDimensions("k", 30, 40, 30) { OpenMillimetres = 40 }],
    });

    /// <summary>The same with a lay on every run.</summary>
    public static Rig Lay(Rig rig) => rig with { Runs = [.. rig.Runs.Select(run => run with { Lay = new Lay() })] };

    /// <summary>One part moved.</summary>
    public static Rig Move(Rig rig, string part, string at) => rig with { Places = [.. rig.Places.Where(place => place.Part != part), new Place(part, at)] };

    /// <summary>A line planned in short beside it.</summary>
    public static Rig WithPlan(Rig rig, string id, string to) => rig with
    {
        Lines =
        [
            .. rig.Lines,
            new Line(id, id, new LinePlan([new LampSet(LampKind.RegulatedLed, 2, 20)], 3, ReturnPath.Wire, [Zone.EngineBay], 105, Trigger.SwitchAlone) { Lay = new PlanLay(to, new Lay()) }),
        ],
    };
}
