using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Harness;

/// <summary>
/// What has to stand how for a way to be closed. Two positions of one switch, and the two sides of a changeover contact, are
/// never closed together.
/// </summary>
internal sealed class ContactChoices
{
    /// <summary>Nothing has to stand in any way.</summary>
    public static ContactChoices None { get; } = new(new SortedDictionary<string, IReadOnlyList<string>>(StringComparer.Ordinal));

    private readonly SortedDictionary<string, IReadOnlyList<string>> choices;

    private ContactChoices(SortedDictionary<string, IReadOnlyList<string>> choices)
    {
        this.choices = choices;
        Key = string.Join(';', choices.Select(choice => $"{choice.Key}={string.Join(',', choice.Value)}"));
    }

    /// <summary>The same text for the same choices.</summary>
    public string Key { get; }

    /// <summary>These with what <paramref name="link"/> asks; null where that cannot be at once.</summary>
    public ContactChoices? With(Link link)
    {
        if (link.Choices.Count == 0) return this;
        SortedDictionary<string, IReadOnlyList<string>>? more = null;
        foreach (var (key, names) in link.Choices)
        {
            more ??= new(choices, StringComparer.Ordinal);
            if (!Narrow(more, key, names)) return null;
        }
        return more is null ? this : new(more);
    }

    /// <summary>Whether these and others can be at once.</summary>
    public bool Agree(ContactChoices other)
    {
        if (choices.Count == 0 || other.choices.Count == 0) return true;
        var both = new SortedDictionary<string, IReadOnlyList<string>>(choices, StringComparer.Ordinal);
        return other.choices.All(choice => Narrow(both, choice.Key, choice.Value));
    }

    private static bool Narrow(SortedDictionary<string, IReadOnlyList<string>> choices, string key, IReadOnlyList<string> names)
    {
        if (!choices.TryGetValue(key, out var known)) choices[key] = names;
        else if (known.Intersect(names, StringComparer.Ordinal).ToList() is { Count: > 0 } left) choices[key] = left;
        else return false;
        return true;
    }

    /// <summary>Gives each contact what it asks of switches and relays that can stand in ways that exclude each other; whether there are any.</summary>
    public static bool Give(IEnumerable<Link> links)
    {
        var contacts = links.Where(link => link.Kind == LinkKind.Contact)
            .Select(link => (Link: link, Asked: link.Needs.Select(Choice).OfType<(string Key, IReadOnlyList<string> Names)>().ToList())).ToList();
        var contested = contacts.SelectMany(contact => contact.Asked).GroupBy(asked => asked.Key)
            .Where(group => group.Any(one => !one.Names.Intersect(group.First().Names, StringComparer.Ordinal).Any()))
            .Select(group => group.Key).ToHashSet(StringComparer.Ordinal);
        if (contested.Count == 0) return false;
        foreach (var (link, asked) in contacts) link.Choices = [.. asked.Where(choice => contested.Contains(choice.Key))];
        return true;
    }

    private static (string Key, IReadOnlyList<string> Names)? Choice(Need need) => need switch
    {
        Need.Position position => (position.Switch, position.Names),
        Need.Coil coil => (LineWords.FormatCoil(coil.Input.Id), ["pulled"]),
        Need.AtRest rest => (LineWords.FormatCoil(rest.Input.Id), ["rest"]),
        _ => null,
    };
}
