namespace BurlyRidge.Core.HandOver;

/// <summary>A sign-off as it stands in the record.</summary>
/// <param name="Number">Of its entry.</param>
public sealed record SignOffHere(int Number, DateTimeOffset At, HandOverEvent.SignedOff What);

/// <summary>What came of all that was written for the hand-over.</summary>
/// <param name="Words">The shop's own words, by key.</param>
/// <param name="Settled">Why a difference stays, by its key.</param>
/// <param name="Photos">Photos that were chosen, in their order; one that is left out: nobody chose.</param>
/// <param name="SignOff">The last sign-off; null: it was not handed over.</param>
public sealed record HandOverRecord(IReadOnlyDictionary<string, string> Words, IReadOnlyDictionary<string, string> Settled, IReadOnlyDictionary<PackPhotos, IReadOnlyList<string>> Photos, SignOffHere? SignOff)
{
    /// <summary>Nothing was written yet.</summary>
    public static HandOverRecord Nothing { get; } = Of([]);

    /// <summary>Folds what happened, in the order of the log.</summary>
    public static HandOverRecord Of(IEnumerable<(int Number, DateTimeOffset At, HandOverEvent What)> log)
    {
        var (words, settled) = (new Dictionary<string, string>(StringComparer.Ordinal), new Dictionary<string, string>(StringComparer.Ordinal));
        var photos = new Dictionary<PackPhotos, IReadOnlyList<string>>();
        SignOffHere? signed = null;
        foreach (var (number, at, what) in log)
            switch (what)
            {
                case HandOverEvent.Worded worded when worded.Text.Trim().Length == 0:
                    words.Remove(worded.Key);
                    break;
                case HandOverEvent.Worded worded:
                    words[worded.Key] = worded.Text.Trim();
                    break;
                case HandOverEvent.Settled one:
                    settled[one.Difference] = one.Why;
                    break;
                case HandOverEvent.Chosen chosen:
                    photos[chosen.Of] = chosen.Photos;
                    break;
                case HandOverEvent.SignedOff signing:
                    signed = new SignOffHere(number, at, signing);
                    break;
            }
        return new HandOverRecord(words, settled, photos, signed);
    }

    /// <summary>A text in the shop's own words, a sentence a line; none where nobody wrote it.</summary>
    public IReadOnlyList<string> Said(string key) => Words.TryGetValue(key, out var text) ? text.Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries) : [];
}
