using System.Reflection;
using BurlyRidge.Server.Hosting;

// The build runs this program once to write the OpenAPI document, with arguments of its own and no database.
var writesDocument = Assembly.GetEntryAssembly()?.GetName().Name == "GetDocument.Insider";

var parsed = ServeOptions.Parse(writesDocument ? [] : args);
if (parsed.Options is not { } options)
{
    await (parsed.IsHelp ? Console.Out : Console.Error).WriteLineAsync(parsed.Message);
    return parsed.IsHelp ? 0 : 2;
}

var app = ServerApp.Build(options);
if (!writesDocument) await ServerApp.PrepareAsync(app, options);

try
{
    await app.StartAsync();
}
catch (IOException error) when (error.InnerException is Microsoft.AspNetCore.Connections.AddressInUseException)
{
    await Console.Error.WriteLineAsync($"Port {options.Port} is taken. Stop what uses it, or give another: --port N");
    return 1;
}
if (!writesDocument)
{
    Console.WriteLine($"Burly Ridge answers at {app.Urls.First()}");
    await WarmUp.RunAsync(app.Urls.First(), app.Lifetime.ApplicationStopping);
}
await app.WaitForShutdownAsync();
return 0;
