namespace BurlyRidge.Core.Network;

/// <summary>
/// Something that goes over at one voltage and back at a lower one, and between the two stays as it was: a relay's coil,
/// the sense lead of a power box, the dim lead of a lamp, the input of a converter.
/// </summary>
/// <param name="Id">Name by which the answer speaks of it.</param>
/// <param name="Plus">Node of its positive end.</param>
/// <param name="Minus">Node of its other end.</param>
/// <param name="PullInVolts">At this and above it is sure to go over, V.</param>
/// <param name="DropOutVolts">At this and below it is sure to go back, V.</param>
/// <param name="EitherWay">Whether it goes over at either polarity, as a coil does.</param>
public sealed record Controller(string Id, int Plus, int Minus, double PullInVolts, double DropOutVolts, bool EitherWay)
{
    /// <summary>What it does at <paramref name="volts"/>, having been <paramref name="before"/>.</summary>
    public bool Next(double volts, bool before)
    {
        var seen = EitherWay ? Math.Abs(volts) : volts;
        return seen >= PullInVolts || (seen > DropOutVolts && before);
    }

    /// <summary>Whether <paramref name="volts"/> leave it as it was, whatever it was.</summary>
    public bool LeavesAsItWas(double volts)
    {
        var seen = EitherWay ? Math.Abs(volts) : volts;
        return seen > DropOutVolts && seen < PullInVolts;
    }
}

/// <summary>What a controller works.</summary>
internal abstract record Effect
{
    /// <summary>A contact is closed when it is asked for and every controller is as it says.</summary>
    public sealed record Closes(Contact Contact, (int Controller, bool Over)[] When) : Effect;

    /// <summary>A lamp is set to a part of its power while a controller has not gone over.</summary>
    public sealed record Dims(RegulatedLamp Lamp, int Controller, double Setting) : Effect;

    /// <summary>A source gives while a controller has gone over.</summary>
    public sealed record Runs(RegulatedSource Source, int Controller) : Effect;
}
