using BurlyRidge.Core;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Hosting;

/// <summary>Answers for input that cannot be taken: problem documents (RFC 9457) with errors by field path.</summary>
internal static class BadInput
{
    public static readonly string Title = ServerWords.SomeFieldsCannotBeTaken;

    public static ValidationProblem Of(IEnumerable<Problem> problems) => TypedResults.ValidationProblem(
        problems.GroupBy(problem => problem.Path)
            .ToDictionary(group => group.Key, group => group.Select(problem => problem.Message).Distinct().ToArray()),
        title: Title, type: ProblemTypes.Fields);

    /// <summary>Problems of a part of a document, under where it stands in the whole.</summary>
    public static IEnumerable<Problem> Under(string path, IEnumerable<Problem> problems) =>
        problems.Select(problem => problem with { Path = $"{path}.{problem.Path}" });

    public static ValidationProblem Of(params Problem[] problems) => Of(problems.AsEnumerable());
}
