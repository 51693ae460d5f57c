using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>Which of the four places volts are lost in.</summary>
public enum LossGroup
{
    /// <summary>Wire from the source to the lamps.</summary>
    Out,

    /// <summary>Wire or body from the lamps back.</summary>
    Back,

    /// <summary>The fuse itself.</summary>
    Fuse,

    /// <summary>Holder, relay contact, plugs, terminals, stud.</summary>
    Contacts,
}

/// <summary>Volts lost in one part.</summary>
/// <param name="ShareOfLoss">Its part of all that is lost, 0 to 1.</param>
public sealed record Loss(string Name, LossGroup Group, double Milliohms, double Volts, double ShareOfLoss)
{
    /// <summary>Whether thicker wire would lose less of it.</summary>
    internal bool InWire { get; init; }
}

/// <summary>Where the volts of a lamp are lost.</summary>
public static class Losses
{
    /// <summary>One entry a kind of part, grouped as a fitter asks for them; empty where the lamp carries nothing.</summary>
    public static IReadOnlyList<Loss> Of(Rig rig, SolvedHarness solved, string lamp)
    {
        var points = Profile.Of(solved, [lamp]);
        var parts = Rig.Lists.SelectMany(list => list.Of(rig).OfType<IPart>().Select(part => (part, Kind: list.KindOf(part)))).ToDictionary(pair => pair.part.Id, StringComparer.Ordinal);
        var found = new List<(string Name, LossGroup Group, bool InWire, double Ohms, double Volts)>();
        foreach (var point in points.Where(point => point.From >= 0 && point.Part != lamp))
        {
            var (amps, volts) = (point.Amps, points[point.From].Volts - point.Volts);
            void Add(string name, LossGroup group, double ohms, bool inWire = false) => found.Add((name, group, inWire, ohms, amps * ohms));
            if (solved.Harness.Elements[point.Part] is WireElement wire)
            {
                Add(point.Leg == Leg.Out ? LineWords.FormatWireOut(wire.Wire.Name) : LineWords.FormatWireBack(wire.Wire.Name), point.Leg == Leg.Out ? LossGroup.Out : LossGroup.Back, wire.OhmsAt(amps) - wire.EndOhms, inWire: true);
                Add(LineWords.Terminals, LossGroup.Contacts, wire.EndOhms);
                continue;
            }
            var (id, _) = TerminalIndex.Split(point.Part);
            var (part, kind) = parts.GetValueOrDefault(id);
            if (part is ProtectiveDevice { Breaker: false } device)
            {
                Add(LineWords.FormatFuse(device.Fuse), LossGroup.Fuse, FuseTable.WarmOhms(device.Fuse));
                Add(LineWords.FuseHolder, LossGroup.Contacts, TypicalOhms.Holder);
                continue;
            }
            var name = part is null ? PartWords.BodyInSentence : kind;
            found.Add((name, part is Earth { Kind: EarthKind.Stud } ? LossGroup.Back : LossGroup.Contacts, false, volts / amps, volts));
        }
        var all = found.Sum(loss => loss.Volts);
        return
        [
            .. found.GroupBy(loss => (loss.Name, loss.Group, loss.InWire))
                .Select(alike => new Loss(alike.Key.Name, alike.Key.Group, alike.Sum(loss => loss.Ohms) * 1000, alike.Sum(loss => loss.Volts), all > 0 ? alike.Sum(loss => loss.Volts) / all : 0) { InWire = alike.Key.InWire })
                .OrderBy(loss => loss.Group),
        ];
    }
}
