using BurlyRidge.Core.Wording;
using BurlyRidge.Server;
using System.Net.Sockets;
using System.Reflection;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Storage;

// The build runs this program once to write the OpenAPI document, with arguments of its own and no database.
var writesDocument = Assembly.GetEntryAssembly()?.GetName().Name == "GetDocument.Insider";

var parsed = ServeOptions.Parse(writesDocument ? [] : args);
if (parsed.Options is not { } options)
{
    await (parsed.IsHelp ? Console.Out : Console.Error).WriteLineAsync(parsed.Message);
    return parsed.IsHelp ? 0 : 2;
}

Pseudo.On = options.Pseudo;
await using var app = ServerApp.Build(options);
try
{
    if (!writesDocument) await ServerApp.PrepareAsync(app, options);
    await app.StartAsync();
}
catch (CannotStartException failure)
{
    await Console.Error.WriteLineAsync(failure.Message);
    return 1;
}
catch (IOException error) when (error.InnerException is Microsoft.AspNetCore.Connections.AddressInUseException)
{
    await Console.Error.WriteLineAsync(ServerWords.FormatPortIsTakenStopWhat(options.Port));
    return 1;
}
catch (SocketException error)
{
    await Console.Error.WriteLineAsync(ServerWords.FormatPortCannotBeUsedGive(options.Port, error.Message));
    return 1;
}
if (!writesDocument)
{
    Console.WriteLine(ServerWords.FormatBurlyRidgeAnswersAt(app.Urls.First()));
    if (options.WarmUp) WarmUp.Begin(app);
}
await app.WaitForShutdownAsync();
return 0;
