<?php

declare(strict_types=1);

use App\Http\DatabaseFault;
use App\Http\OnlyJsonBodies;
use App\Http\OwnPagesOnly;
use App\Http\PlainQuery;
use App\Http\QuietSession;
use App\Http\ReadersLanguage;
use App\Http\RefusalResponse;
use App\Http\SafeHeaders;
use App\Http\SentFromHere;
use App\People\Http\InYard;
use App\People\Http\NotesWhatWasDone;
use App\People\Http\OnlyWhoMay;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Zolbek\Core\Basis\Input\Refused;

// Numbers are bound to SQL as text: shortest exact form, so that what is kept is what was computed.
ini_set('precision', '-1');

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        api: __DIR__.'/../routes/api.php',
        apiPrefix: 'api/v1',
        then: static fn() => require __DIR__.'/../routes/web.php',
    )
    ->withMiddleware(static function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->trustHosts(static fn(): array => array_map(static fn(string $host): string => '^'.preg_quote($host).'$', ['127.0.0.1', 'localhost', ...config('people.hosts')]), subdomains: false);
        $middleware->prepend([SafeHeaders::class, OwnPagesOnly::class]);
        $session = [EncryptCookies::class, AddQueuedCookiesToResponse::class, QuietSession::class];
        $middleware->group('session', $session);
        $middleware->api(prepend: [ReadersLanguage::class, PlainQuery::class, ...$session, SentFromHere::class, InYard::class, OnlyWhoMay::class, OnlyJsonBodies::class, NotesWhatWasDone::class]);
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        $exceptions->dontReport(Refused::class);
        $exceptions->context(static fn(): array => ['asked' => request()->method().' '.Route::current()?->uri()]);
        $exceptions->shouldRenderJsonWhen(static fn(Request $request): bool => $request->is('api/*'));
        $exceptions->render(static fn(PDOException $fault, Request $request) => $request->is('api/*') ? DatabaseFault::of($fault) : null);
        $exceptions->render(static fn(Refused $refused) => RefusalResponse::of($refused));
        $exceptions->render(static function (NotFoundHttpException $missing, Request $request) {
            if (! $request->is('api/*')) {
                return null;
            }
            $model = $missing->getPrevious();

            return $model instanceof ModelNotFoundException
                ? RefusalResponse::notFound(class_basename($model->getModel()), implode(', ', $model->getIds()))
                : RefusalResponse::noSuchAddress($request->path());
        });
        $exceptions->respond(static fn(Response $answer, Throwable $fault, Request $request): Response => $answer->getStatusCode() === 500 && $request->is('api/*') ? RefusalResponse::fault(500) : $answer);
        $exceptions->render(static fn(HttpExceptionInterface $fault, Request $request) => $request->is('api/*')
            ? RefusalResponse::fault($fault->getStatusCode())
            : null);
    })
    ->create();

return $app->loadEnvironmentFrom('zolbek.env');
