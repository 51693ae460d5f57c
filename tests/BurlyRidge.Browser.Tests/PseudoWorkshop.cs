using System.Diagnostics;
using System.Text.Json;
using System.Text.RegularExpressions;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Wording;
using OpenQA.Selenium;

namespace BurlyRidge.Browser.Tests;

/// <summary>The server as a program of its own, which says everything from the resources with other letters.</summary>
public sealed partial class PseudoWorkshop : Workshop
{
    private Process? server;

    private IReadOnlyList<string> data = [];

    private readonly IReadOnlyList<string> sentences = [.. Resources.OfPages.Concat(Resources.OfCode).Select(entry => entry.Text)];

    public override async Task StartServerAsync()
    {
        var start = new ProcessStartInfo("dotnet", [Path.Combine(AppContext.BaseDirectory, "BurlyRidge.Server.dll"), "--pseudo", "--port", "0", "--data", Data, "--web", Web]) { RedirectStandardOutput = true };
        server = Process.Start(start)!;
        string? line;
        do line = await server.StandardOutput.ReadLineAsync() ?? throw new InvalidOperationException("The server did not start.");
        while (!line.Contains("http://", StringComparison.Ordinal));
        Address = new Uri(line[line.IndexOf("http://", StringComparison.Ordinal)..]);
        _ = server.StandardOutput.ReadToEndAsync();
    }

    public override async Task StopServerAsync()
    {
        if (server is null) return;
        server.Kill();
        await server.WaitForExitAsync();
        server.Dispose();
        server = null;
    }

    /// <summary>What somebody typed, or a catalogue holds, and is shown as it is; the longest first.</summary>
    public async Task<IReadOnlyList<string>> DataAsync()
    {
        var texts = new HashSet<string>(StringComparer.Ordinal);
        foreach (var list in new[] { "/api/jobs", "/api/jobs?archived=true" })
        {
            var jobs = await ReadAsync(list);
            Gather(jobs, texts);
            foreach (var job in jobs.EnumerateArray())
            {
                Gather((await ReadAsync($"/api/jobs/{job.GetProperty("id").GetString()}")).GetProperty("rig"), texts);
                Gather(await ReadAsync($"/api/jobs/{job.GetProperty("id").GetString()}/run-sheet"), texts);
                Gather(await ReadAsync($"/api/jobs/{job.GetProperty("id").GetString()}/commissioning"), texts);
                Gather(await ReadAsync($"/api/jobs/{job.GetProperty("id").GetString()}/hand-over"), texts);
            }
        }
        foreach (var shelf in new[] { "/api/catalogue", "/api/catalogue/kits", "/api/shop" }) Gather(await ReadAsync(shelf), texts);
        return data = [.. texts.Where(text => text.Length > 0).OrderByDescending(text => text.Length)];
    }

    private async Task<JsonElement> ReadAsync(string path)
    {
        using var document = JsonDocument.Parse(await Http.GetStringAsync(path));
        return document.RootElement.Clone();
    }

    private static void Gather(JsonElement element, HashSet<string> texts)
    {
        switch (element.ValueKind)
        {
            case JsonValueKind.Object:
                foreach (var field in element.EnumerateObject())
                {
                    if (field.Value.ValueKind == JsonValueKind.String && Typed.Contains(field.Name)) texts.Add(field.Value.GetString()!);
                    else if (field.Value.ValueKind == JsonValueKind.String && field.Name == "id") Spoken(field.Value.GetString()!, texts);
                    else Gather(field.Value, texts);
                }
                break;
            case JsonValueKind.Array:
                foreach (var entry in element.EnumerateArray())
                {
                    if (entry.ValueKind == JsonValueKind.String) texts.Add(entry.GetString()!);
                    else Gather(entry, texts);
                }
                break;
        }
    }

    /// <summary>A part without a name is called what its id says; two that begin alike are told apart by what is left.</summary>
    private static void Spoken(string id, HashSet<string> texts)
    {
        var words = id.Split('-', '.');
        for (var from = 0; from < words.Length; from++) texts.Add(string.Join(' ', words[from..]).Trim());
    }

    /// <summary>Fields of a document that hold what a person typed.</summary>
    private static readonly HashSet<string> Typed = new(
        ["name", "note", "customer", "plate", "reason", "by", "legend", "wire", "leadWire", "harnessWire", "colour", "farColour", "serves", "tappedFor", "place", "fromPlace", "toPlace", "what", "housing", "cavity", "pin", "pinPlus", "pinMinus", "fastenerKind", "what", "trouble", "standard", "print", "prints", "half", "plug", "material", "use", "goesOn", "joins", "purpose", "text", "caption", "bag", "size", "head", "tool", "why", "who", "year", "trim", "options", "at", "reached", "hole", "contact", "because", "where", "sealed", "back"],
        StringComparer.Ordinal);

    protected override Func<By, By> Said => by => by.Mechanism == "xpath" ? By.XPath(Translated(by.Criteria)) : by.Mechanism == "css selector" && by.Criteria.Contains('\'', StringComparison.Ordinal) ? By.CssSelector(Translated(by.Criteria)) : by;

    /// <summary>Each text in quotes as the page says it.</summary>
    private string Translated(string criteria) => Quoted().Replace(criteria, match => Technical().IsMatch(criteria[..match.Index]) ? match.Value : $"'{Say(match.Value[1..^1])}'");

    private string Say(string text)
    {
        if (text.Length < 2 || data.Any(typed => typed.Contains(text, StringComparison.Ordinal))) return text;
        if (sentences.Any(sentence => !sentence.Contains('{', StringComparison.Ordinal) && sentence.Contains(text.Trim(), StringComparison.Ordinal))) return Pseudo.Of(text);
        if (sentences.Any(sentence => Place().Split(sentence).Any(piece => piece.Contains(text, StringComparison.Ordinal)))) return Pseudo.Of(text);
        foreach (var sentence in sentences.Where(sentence => sentence.Contains('{', StringComparison.Ordinal)))
        {
            var pieces = Place().Split(sentence);
            var match = Regex.Match(text, $"^{string.Join("(.+)", pieces.Select(Regex.Escape))}$");
            if (match.Success && pieces.Any(piece => piece.Length > 4)) return string.Concat(pieces.Select((piece, i) => Pseudo.Of(piece) + (i + 1 < pieces.Length ? Say(match.Groups[i + 1].Value) : "")));
        }
        return Run().Replace(text, match => match.Value == text ? text : Say(match.Value));
    }

    [GeneratedRegex("[A-Za-z][A-Za-z ]*[A-Za-z]")]
    private static partial Regex Run();

    [GeneratedRegex("'[^']*'")]
    private static partial Regex Quoted();

    /// <summary>What a machine reads goes before the quotes.</summary>
    [GeneratedRegex(@"(data-[a-z-]+|role|type|href|id|aria-pressed|aria-expanded|aria-invalid|aria-selected)\s*[$^*]?=\s*$")]
    private static partial Regex Technical();

    [GeneratedRegex(@"\{+\w+\}+")]
    private static partial Regex Place();
}
