namespace BurlyRidge.Core.Parts;

/// <summary>Pins that carry no print, in words.</summary>
internal static class PinWords
{
    /// <summary>What <paramref name="pin"/> is called; one that is printed stays as it is.</summary>
    public static string Of(string pin) => pin switch
    {
        "plus" => PartWords.Plus,
        "minus" => PartWords.Minus,
        "in" => PartWords.In,
        "out" => PartWords.Out,
        "dim" => PartWords.Dim,
        "in-plus" => PartWords.PlusIn,
        "in-minus" => PartWords.MinusIn,
        "out-plus" => PartWords.PlusOut,
        "out-minus" => PartWords.MinusOut,
        "solar" or "solar-plus" => PartWords.SolarPlus,
        "sense" => PartWords.Sense,
        "live" => PartWords.Live,
        "signal" => PartWords.SignalPin,
        _ => pin.Replace('-', ' '),
    };
}
