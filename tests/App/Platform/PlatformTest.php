<?php

declare(strict_types=1);

namespace Tests\App\Platform;

use App\Platform\SecretFromDatabase;
use App\Platform\SecurityHeaders;
use App\Platform\StatusController;
use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\App\StudioTestCase;

#[CoversClass(StatusController::class)]
#[CoversClass(SecurityHeaders::class)]
#[CoversClass(SecretFromDatabase::class)]
final class PlatformTest extends StudioTestCase
{
    public function testUpAnswersWhetherApplicationAndDatabaseWork(): void
    {
        $this->browser->request('GET', '/up');
        self::assertResponseIsSuccessful();
        self::assertSame("up\n", $this->browser->getResponse()->getContent());
    }

    public function testTheFloorIsPlain(): void
    {
        $this->browser->request('GET', '/floor');
        self::assertSelectorTextSame('p', 'The plainest page there is.');
    }

    public function testEveryAnswerForbidsInlineScriptsAndForeignOnes(): void
    {
        foreach (['/', '/up', '/nowhere', '/sign-in'] as $path) {
            $this->browser->request('GET', $path);
            $policy = (string) $this->browser->getResponse()->headers->get('Content-Security-Policy');
            self::assertStringContainsString(
                "default-src 'none'; script-src 'self'; style-src 'self';",
                $policy,
                $path,
            );
            self::assertStringNotContainsString('unsafe', $policy);
        }
    }

    public function testPagesKeepThePolicyThemselves(): void
    {
        $quilt = $this->quilt(self::entries('70 in'));
        foreach (
            [
                '/',
                '/frames/new',
                '/people',
                "/quilts/{$quilt->id()}/measure",
                "/quilts/{$quilt->id()}/backing",
                "/quilts/{$quilt->id()}/sheet",
            ]
            as $path
        ) {
            $page = $this->browser->request('GET', $path);
            self::assertCount(0, $page->filter('[style], style, script:not([src]), [onclick]'), $path);
        }
    }

    public function testTheSecretIsTheDatabases(): void
    {
        $connection = $this->service(Connection::class);
        $loader = new SecretFromDatabase(static fn(): Connection => $connection);

        self::assertSame(
            ['APP_SECRET' => $connection->fetchOne('SELECT secret FROM app_secret')],
            $loader->loadEnvVars(),
        );
    }
}
