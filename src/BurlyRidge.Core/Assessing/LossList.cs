using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Assessing;

/// <summary>Where the volts of a line are lost.</summary>
internal static class LossList
{
    /// <summary>One entry a part, grouped as a fitter asks for them; empty where nothing runs.</summary>
    public static IReadOnlyList<Loss> Of(OperatingPoint? point)
    {
        if (point is null) return [];
        var ohms = point.Parts.Sum(part => part.Ohms);
        return
        [
            .. point.Parts
                .Select(part => new Loss(part.Name, Group(part), part.Ohms * 1000, point.Amps * part.Ohms, part.Ohms / ohms))
                .OrderBy(loss => loss.Group),
        ];
    }

    private static LossGroup Group(Part part) => part.Kind switch
    {
        PartKind.Fuse => LossGroup.Fuse,
        PartKind.Contact => LossGroup.Contacts,
        _ => part.Direction == Direction.Out ? LossGroup.Out : LossGroup.Back,
    };
}
