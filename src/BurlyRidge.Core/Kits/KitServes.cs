using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Kits;

/// <summary>What keeps a kit from serving a line, and what would serve.</summary>
internal static class KitServes
{
    public static IEnumerable<string> WhyNot(Rig rig, Line line, Kit kit, KitWish wish)
    {
        if (kit.SystemVolts != rig.Vehicle.SystemVolts) yield return KitWords.FormatOtherVolts(kit.SystemVolts, rig.Vehicle.SystemVolts);
        var lamps = line.Lamps().Count;
        if (lamps == 0) yield return KitWords.LineHasNoLamp;
        else if (lamps > kit.LampCount()) yield return KitWords.FormatTooFewLampEnds(Format.Count(kit.LampCount(), KitWords.Lamp, KitWords.Lamps), lamps);
        if (wish.Trigger is not null && kit.Relays.Count == 0) yield return KitWords.NoRelayForSignal;
        if (wish.Cab == KitCab.InDash && kit.Switches.Count == 0 && wish.Trigger is null && wish.FeedSlot is null) yield return KitWords.NoSwitch;
        if (wish.Cab != KitCab.InDash && wish.Trigger is null && !OffByKey(rig, wish)) yield return KitWords.NeverOff;
        if (wish.FeedSlot is null && kit.HasEnd(KitEnds.Feed) && !kit.HasEnd(KitEnds.Plus)) yield return KitWords.EndsBare;
    }

    private static bool OffByKey(Rig rig, KitWish wish) => rig.Vehicle.FuseSlots.FirstOrDefault(slot => slot.Id == wish.FeedSlot)?.Feed == Feed.Ignition;
}
