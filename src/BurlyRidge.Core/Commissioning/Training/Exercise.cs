using System.Security.Cryptography;
using System.Text;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Commissioning.Training;

/// <summary>A vehicle with something wrong with it, to be found.</summary>
/// <param name="Title">What it is called; it says nothing of what is wrong.</param>
/// <param name="Line">The line that the customer complains of.</param>
/// <param name="Seed">Which vehicle of those that the plan allows it is.</param>
/// <param name="Hidden">What is wrong, so that nobody reads it by the way.</param>
public sealed record Exercise(string Title, Rig Rig, string Line, int Seed, string Hidden)
{
    /// <summary>Makes one of a job and a fault.</summary>
    /// <param name="fault">Key of the fault library.</param>
    public static Exercise Of(string title, Rig rig, string line, int seed, string fault) => new(title, rig, line, seed, Convert.ToBase64String(Veiled(Encoding.UTF8.GetBytes(fault), line, seed)));

    private const int MostTitle = 200, MostHidden = 2_000;

    /// <summary>All that is wrong with it, by field.</summary>
    public IReadOnlyList<Problem> Validate()
    {
        var problems = new Problems();
        problems.Text("title", Title, MostTitle);
        problems.Text("line", Line, MostTitle);
        problems.Text("hidden", Hidden, MostHidden);
        foreach (var problem in RigValidation.Validate(Rig)) problems.Add($"rig.{problem.Path}", problem.Message);
        if (problems.Found.Count == 0 && Rig.Lines.All(line => line.Id != Line)) problems.Add("line", TrainingWords.NoSuchLine);
        if (problems.Found.Count == 0 && Fault() is null) problems.Add("hidden", TrainingWords.HiddenIsSpoilt);
        return problems.Found;
    }

    /// <summary>What is wrong, as a key of the fault library; null: it was spoilt.</summary>
    public string? Fault()
    {
        try
        {
            return Encoding.UTF8.GetString(Veiled(Convert.FromBase64String(Hidden), Line, Seed));
        }
        catch (FormatException)
        {
            return null;
        }
    }

    /// <summary>Hides a text from the eye, and shows it again; it is no secret from somebody who means to find it.</summary>
    private static byte[] Veiled(byte[] text, string line, int seed)
    {
        var veiled = new byte[text.Length];
        for (var i = 0; i < text.Length; i += SHA256.HashSizeInBytes)
        {
            var mask = SHA256.HashData(Encoding.UTF8.GetBytes(FormattableString.Invariant($"{line} {seed} {i}")));
            for (var k = i; k < Math.Min(text.Length, i + mask.Length); k++) veiled[k] = (byte)(text[k] ^ mask[k - i]);
        }
        return veiled;
    }
}
