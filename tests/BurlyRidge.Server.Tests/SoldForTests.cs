using System.Text.Json;
using BurlyRidge.Core;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Server.Tests;

/// <summary>The lamps that ship beside the mounts of usual bodies.</summary>
public class SoldForTests(SharedServer shared) : IClassFixture<SharedServer>
{
    public static TheoryData<string, string> Sold => new()
    {
        { "ridge-bar-50", "roof-bar" }, { "ridge-bar-40", "roof-bar" }, { "slim-bar-30", "roof-bar" }, { "slim-bar-20", "grille-slot" }, { "slim-bar-20-curved", "bumper-slot" }, { "slim-bar-20-ears", "bumper-slot" },
        { "square-pod", "hinge-mount-left" }, { "flush-pod", "rear-left" }, { "work-pod-24", "tray-rail" }, { "work-bar-24", "headboard-bar" }, { "reverse-pod", "rear-right" },
        { "grille-marker", "grille-slot" }, { "driving-round", "nudge-bar" }, { "round-pod", "nudge-bar" }, { "two-light-bar", "nudge-bar" }, { "opening-strip", "opening-head" }, { "receiver-lamp", "tow-receiver" },
        { "clamp-pod", "headboard-bar" }, { "ridge-bar-40-ears", "roof-bar" },
    };

    /// <summary>What is sold for a place goes on it, on a usual body that has the place.</summary>
    [Theory]
    [MemberData(nameof(Sold))]
    public async Task A_shipped_lamp_goes_where_it_is_sold_for(string lamp, string place)
    {
        var catalogue = await shared.Running.GetAsync("/api/catalogue");
        var fixture = catalogue.EnumerateArray().Select(offered => offered.GetProperty("lamp").GetProperty("fixture")).Single(offered => offered.GetProperty("id").GetString() == lamp);
        var body = JsonSerializer.Deserialize<LampDimensions>(fixture.GetProperty("body").GetRawText(), JsonRules.Stored)!;
        var cards = Enum.GetValues<BodyKind>().SelectMany(kind => GenericBody.Of(kind).Mounts).Where(mount => mount.Id == place)
            .Select(mount => LampFit.Of(mount, new MountedLamp(lamp, body))).ToList();
        Assert.NotEmpty(cards);
        Assert.True(cards.Exists(card => card.Verdict != Verdict.Stop), string.Join(" ", cards[0].Findings.Where(finding => finding.Verdict == Verdict.Stop).Select(finding => finding.Reason)));
    }
}
