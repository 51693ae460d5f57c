using BurlyRidge.Core;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Server.Hosting;

/// <summary>A request about a rig that comes with it.</summary>
internal interface IAboutRig
{
    /// <summary>The rig.</summary>
    Rig Rig { get; }

    /// <summary>What else is wrong with the request, asked of a valid rig alone.</summary>
    IEnumerable<Problem> Problems() => [];
}

/// <summary>Refuses requests about rigs that do not hang together; what is behind it gets valid ones.</summary>
internal sealed class RigFilter : IEndpointFilter
{
    public async ValueTask<object?> InvokeAsync(EndpointFilterInvocationContext context, EndpointFilterDelegate next)
    {
        if (context.Arguments.OfType<IAboutRig>().FirstOrDefault() is not { } request) return await next(context);
        var asked = context.HttpContext.Features.Get<RigAsked>();
        if (asked is not null) request.GetType().GetProperty(nameof(IAboutRig.Rig))!.SetValue(request, asked.Rig);
        if (asked is not { Known: true } && BadInput.Under("rig", RigValidation.Validate(request.Rig)).ToList() is { Count: > 0 } bad) return BadInput.Of(bad);
        if (asked is { Known: false }) KnownRigs.Keep(asked.Digest, asked.Rig);
        return request.Problems().ToList() is { Count: > 0 } problems ? BadInput.Of(problems) : await next(context);
    }
}

/// <summary>Groups of endpoints that work something out of a rig and store nothing.</summary>
internal static class RigRoutes
{
    /// <summary>Endpoints under an address that get valid rigs.</summary>
    public static RouteGroupBuilder MapRigs(this IEndpointRouteBuilder routes, string address, string tag)
    {
        var group = routes.MapGroup(address).WithTags(tag);
        group.AddEndpointFilter<RigFilter>();
        return group;
    }

    /// <summary>Says that bad fields are refused.</summary>
    public static RouteHandlerBuilder Refuses(this RouteHandlerBuilder endpoint) => endpoint.ProducesValidationProblem();
}
