using BurlyRidge.Core.Exchange.Pages;
using BurlyRidge.Core.HandOver.Chapters;

namespace BurlyRidge.Core.HandOver;

/// <summary>The record that stays with the vehicle, chapter by chapter.</summary>
public static class Pack
{
    /// <summary>Puts it together; pure and total.</summary>
    public static Book Of(PackSource source, CancellationToken cancellation = default)
    {
        var chapters = new List<Chapter>();
        foreach (var make in Makers)
        {
            cancellation.ThrowIfCancellationRequested();
            chapters.Add(make(source));
        }
        var state = source.Own.SignOff is null ? PackWords.Draft : PackWords.FormatSignedOn(source.Day);
        return new Book(PackWords.FormatHandOverOf(source.Sealed.Name), PackWords.FormatEditionOf(source.Sealed.Name, source.Sealed.Revision, state), chapters);
    }

    /// <summary>What makes each chapter, in their order.</summary>
    private static IReadOnlyList<Func<PackSource, Chapter>> Makers { get; } =
    [
        CoverChapter.Of, EmergencyChapters.Emergency, FittedChapter.Of, WorkingChapter.Of, EmergencyChapters.Cautions, WiringChapters.Diagrams, WiringChapters.Fuses, WiringChapters.Register,
        VehicleChapters.Altered, VehicleChapters.Settings, VehicleChapters.GloveBox, ProofChapters.Readings, ProofChapters.Aim, ProofChapters.Night,
        CareChapters.Findings, CareChapters.Care, CareChapters.LeftOpen, CareChapters.BackToStandard, SignOffChapter.Of,
    ];

    /// <summary>Whether nothing but words that are always there would stand in it.</summary>
    internal static Block Nothing(string words) => new Block.Paragraph(words, Tone.Small);
}
