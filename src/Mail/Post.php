<?php

declare(strict_types=1);

namespace App\Mail;

use App\Account\Studio;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Mailer\MailerInterface;
use Symfony\Component\Mime\Email;
use Symfony\Component\Routing\RouterInterface;
use Twig\Environment;

/**
 * Writes the studio's letters and hands them to the mailer, which sends them while nobody waits. The links in them lead
 * to the address that was set for this installation, never to the one that a request came with.
 */
final readonly class Post
{
    public const STUDIO = 'X-Schwung-Studio';
    public const UNTIL = 'X-Schwung-Until';
    public const MESSAGE = 'X-Schwung-Message';

    public function __construct(
        private MailerInterface $mailer,
        private Environment $twig,
        private RouterInterface $router,
        #[Autowire('%env(MAILER_DSN)%')] private string $server,
        #[Autowire('%env(MAIL_FROM)%')] private string $from,
        #[Autowire('%env(SCHWUNG_ADDRESS)%')] private string $address,
    ) {}

    /** Whether a mail server takes the letters, so that only their readers see them. */
    public function leavesTheHouse(): bool
    {
        return !str_starts_with($this->server, 'outbox:');
    }

    public function sender(): string
    {
        return $this->from;
    }

    /** @param array<string, string> $parameters */
    public function link(string $route, array $parameters): string
    {
        return rtrim($this->address, '/') . $this->router->generate($route, $parameters);
    }

    /**
     * @param ?Studio               $studio whose letter it is; null before there is one
     * @param string                $kind  a template of templates/letters
     * @param array<string, mixed>  $facts what that template takes
     * @param ?\DateTimeImmutable   $until until when a link in it opens anything
     */
    public function send(
        ?Studio $studio,
        string $recipient,
        string $kind,
        array $facts,
        ?\DateTimeImmutable $until = null,
    ): void {
        $letter = $this->twig->load("letters/$kind.txt.twig");
        $facts += ['studio' => $studio, 'address' => rtrim($this->address, '/')];
        $email = (new Email())
            ->from($this->from)
            ->to($recipient)
            ->subject(trim($letter->renderBlock('subject', $facts)))
            ->text(trim($letter->renderBlock('text', $facts)) . "\n");
        if (null !== $studio) {
            $email->getHeaders()->addTextHeader(self::STUDIO, (string) $studio->id());
        }
        if (null !== $until) {
            $email->getHeaders()->addTextHeader(self::UNTIL, $until->format(\DATE_ATOM));
        }
        $this->mailer->send($email);
    }

    /**
     * A message that a person wrote to a client; answers go to the studio's owner no other way than by what it says.
     */
    public function write(Studio $studio, string $recipient, string $subject, string $text, string $message): void
    {
        $email = (new Email())->from($this->from)->to($recipient)->subject($subject)->text($text);
        $email->getHeaders()->addTextHeader(self::STUDIO, (string) $studio->id());
        $email->getHeaders()->addTextHeader(self::MESSAGE, $message);
        $this->mailer->send($email);
    }
}
