using System.Text.Json.Serialization;
using BurlyRidge.Core.Exchange;

namespace BurlyRidge.Core.HandOver;

/// <summary>Something that was written or decided for the hand-over; a job's record holds them one after the other.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Worded), "worded")]
[JsonDerivedType(typeof(Settled), "settled")]
[JsonDerivedType(typeof(Chosen), "chosen")]
[JsonDerivedType(typeof(SignedOff), "signedOff")]
public abstract record HandOverEvent
{
    private HandOverEvent() { }

    private const int MostName = 200;
    private const int MostText = 2_000;
    private const int MostPhotos = 24;

    /// <summary>All that is wrong with it by itself, by field.</summary>
    public IReadOnlyList<Problem> Validate()
    {
        var problems = new Problems();
        Check(problems);
        return problems.Found;
    }

    private protected virtual void Check(Problems problems) { }

    /// <summary>A part of the pack in the shop's own words.</summary>
    /// <param name="Key">Which, as <see cref="OwnWords"/> has it.</param>
    /// <param name="Text">A line of it is a sentence of its own; empty: as it is by itself.</param>
    public sealed record Worded(string Key, [property: LongText] string Text) : HandOverEvent
    {
        private protected override void Check(Problems problems)
        {
            problems.Text("key", Key, MostName);
            if (!OwnWords.Has(Key)) problems.Add("key", HandOverWords.NoSuchText);
            problems.Letters("text", Text, MostText);
        }
    }

    /// <summary>Something was built otherwise than planned, and the plan stays as it is.</summary>
    /// <param name="Difference">Key of the difference.</param>
    /// <param name="Why">Printed in the pack.</param>
    public sealed record Settled(string Difference, string Why) : HandOverEvent
    {
        private protected override void Check(Problems problems)
        {
            problems.Text("difference", Difference, MostName);
            problems.Text("why", Why, MostText);
        }
    }

    /// <summary>Photos of the run sheet that go into the pack, in their order.</summary>
    public sealed record Chosen(PackPhotos Of, IReadOnlyList<string> Photos) : HandOverEvent
    {
        private protected override void Check(Problems problems)
        {
            problems.Count("photos", Photos.Count, 0, MostPhotos, HandOverWords.Photos);
            problems.Each("photos", Photos, (path, photo) => problems.Text(path, photo, MostName));
        }
    }

    /// <summary>The vehicle was handed over.</summary>
    /// <param name="Who">Whoever checked it, as typed.</param>
    public sealed record SignedOff(string Who) : HandOverEvent
    {
        /// <summary>Why it was handed over with something open; empty: nothing was.</summary>
        public string Because { get; init; } = "";

        /// <summary>What was open; filled in as it is stored.</summary>
        public IReadOnlyList<Obstacle> Open { get; init; } = [];

        /// <summary>What was signed; filled in as it is stored.</summary>
        public SealedJob? Sealed { get; init; }

        private protected override void Check(Problems problems)
        {
            problems.Text("who", Who, 80);
            problems.Letters("because", Because, MostText);
        }
    }
}

/// <summary>Which photos.</summary>
public enum PackPhotos
{
    /// <summary>By night without the new lights.</summary>
    Before,

    /// <summary>By night with them.</summary>
    After,

    /// <summary>Of the work.</summary>
    Work,
}

/// <summary>What was signed, and the sums that tell whether it is still the same.</summary>
/// <param name="Revision">Of the plan.</param>
/// <param name="Name">What the job was called then.</param>
/// <param name="Note">What stood with it.</param>
/// <param name="Tables">Version of the tables that it was worked out with.</param>
/// <param name="JobSum">SHA-256 of the job file of that revision with those particulars, as hexadecimal digits.</param>
/// <param name="RecordSum">The same of the job's record up to <paramref name="RecordTo"/>.</param>
public sealed record SealedJob(int Revision, string Name, [property: LongText] string Note, JobParticulars Particulars, string Tables, string JobSum, string RecordSum, int RecordTo);
