using System.Globalization;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Support;
using CsCheck;

namespace BurlyRidge.Core.Tests.Sizing;

/// <summary>The line in service against a general-purpose circuit simulator (ngspice), lamps and warm wire as behavioural sources.</summary>
public class LineAgainstSpiceTests
{
    [Fact]
    public void Lamp_volts_and_current_agree_with_ngspice()
    {
        var lines = AnyLine.OnVehicle.Array[40].Single(_ => true, "0000KOIPe962");
        var decks = new List<string>();
        var ours = new List<OperatingPoint>();
        foreach (var (line, rules, volts) in lines)
        {
            var sizing = LineSizer.Size(Make.Demand(line, volts, rules));
            foreach (var rung in sizing.Ladder.Where(rung => rung.Point is not null).Take(3))
            {
                ours.Add(rung.Point!);
                decks.Add(Deck(decks.Count, sizing.Demand, rung));
            }
        }
        Assert.True(ours.Count > 30, "the seed gives lines enough to compare");

        var spice = Ngspice.OperatingPoint(decks, ours.Count);
        for (var i = 0; i < ours.Count; i++)
        {
            Assert.Equal(ours[i].LampVolts, spice[i].LampVolts, 1e-3);
            Assert.Equal(ours[i].Amps, spice[i].Amps, Math.Max(1e-3, ours[i].Amps * 1e-3));
        }
    }

    /// <summary>One line as a sub-netlist of its own: source, everything but the wire, the warm wire, the lamps.</summary>
    private static string Deck(int index, Demand demand, WireRung rung)
    {
        var others = rung.Point!.Parts.Where(part => part.Kind != PartKind.Wire).Sum(part => part.Ohms);
        var metres = demand.OneWayMetres * (demand.Return == ReturnPath.Wire ? 2 : 1);
        var cold = rung.Wire.OhmsPerMetreAt20 * metres;
        var rise = demand.InsulationCelsius - demand.AmbientCelsius;
        string N(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
        var current = $"i(vs{index})";
        var volts = $"v(lamp{index})";
        var source = demand.SystemVolts;
        var lowest = demand.Watts.RegulatedLed > 0 ? 0.75 * source : 0.01;
        return string.Join('\n',
            N($"vb{index} bat{index} 0 dc {source}"),
            N($"vs{index} bat{index} s{index} dc 0"),
            N($"ro{index} s{index} w{index} {others:r}"),
            N($"bw{index} w{index} lamp{index} v={current}*{cold:r}*(1+0.00393*({demand.AmbientCelsius:r}+{rise:r}*min(1,({current}/{rung.AmpacityAmps:r})^2)-20))"),
            N($"bl{index} lamp{index} 0 i={demand.Watts.RegulatedLed:r}/max({volts},{lowest:r})+{demand.Watts.ResistorLed:r}*{volts}/{source * source}+{demand.Watts.Filament / source / source:r}*{volts}*exp(-0.225*ln(({volts}/{source})^2+9e-6))"),
            N($".nodeset v(lamp{index})={rung.Point.LampVolts:r} v(w{index})={rung.Point.LampVolts:r} v(s{index})={source}"));
    }
}
