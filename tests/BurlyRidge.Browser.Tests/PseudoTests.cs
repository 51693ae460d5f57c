using System.Globalization;
using System.Text.RegularExpressions;

namespace BurlyRidge.Browser.Tests;

/// <summary>No word of a screen stands outside the resources.</summary>
public partial class PseudoTests(PseudoWorkshop workshop) : IClassFixture<PseudoWorkshop>
{
    private readonly Page page = workshop.Page;

    public static TheoryData<string> All => [.. Screens.All];

    /// <summary>Signs, units and prints, which are the same in every language.</summary>
    private static readonly HashSet<string> Signs = new(
        ["mm", "cm", "mA", "mV", "kg", "ft", "in", "ms", "min", "days", "Ah", "lm", "AWG", "SVG", "PDF", "HTML", "CSV", "ZIP", "SHA", "Ctrl", "Burly", "Ridge", "UTC", "PVC", "AGM", .. CultureInfo.InvariantCulture.DateTimeFormat.MonthNames, .. Colours],
        StringComparer.Ordinal);

    /// <summary>What stands on a wire, as house rules and documents hold it.</summary>
    private static string[] Colours => ["red", "black", "green", "grey", "blue", "white", "yellow", "orange", "brown", "violet", "pink"];

    [Theory]
    [MemberData(nameof(All))]
    public async Task Every_word_of_a_screen_comes_from_the_resources(string screen)
    {
        await workshop.DataAsync();
        Screens.Show(page, screen);
        var data = await workshop.DataAsync();
        var read = ((System.Collections.ObjectModel.ReadOnlyCollection<object>)page.Run("""
            const texts = [document.title];
            // A name too long for its place in a drawing goes on in the next line.
            for (const part of document.querySelectorAll('svg g')) texts.push([...part.querySelectorAll(':scope > text')].map((text) => text.textContent).join(' '));
            const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
            while (walk.nextNode()) if (!walk.currentNode.parentElement.closest('script, style, svg g')) texts.push(walk.currentNode.data);
            for (const element of document.querySelectorAll('*'))
              for (const name of ['aria-label', 'title', 'placeholder', 'alt', 'download', 'aria-valuetext'])
                if (element.hasAttribute(name)) texts.push(element.getAttribute(name));
            return texts;
            """)!).Cast<string>();
        var typed = Typed(data);
        var foreign = read.Select(text => (Text: text, Words: Words(typed.Replace(Sum().Replace(text, " "), " "))))
            .Where(found => found.Words.Count > 0).Select(found => $"{string.Join(' ', found.Words)}  in  {found.Text}").Distinct().ToList();
        Assert.True(foreign.Count == 0, string.Join('\n', foreign));
    }

    /// <summary>Any of what somebody typed, as a whole.</summary>
    private static Regex Typed(IReadOnlyList<string> data) =>
        new($@"(?<![A-Za-z])({string.Join('|', data.Select(Regex.Escape))})(?![A-Za-z])", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant);

    private static IReadOnlyList<string> Words(string text) => [.. Word().Matches(text).Select(match => match.Value).Where(word => !Signs.Contains(word))];

    /// <summary>Hexadecimal digits of a sum, printed whole or in groups of eight.</summary>
    [GeneratedRegex("(?<![0-9A-Za-z])[0-9a-f]{8,64}(?![0-9A-Za-z])")]
    private static partial Regex Sum();

    [GeneratedRegex("[A-Za-z]{2,}")]
    private static partial Regex Word();
}
