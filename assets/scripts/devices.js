// Messages of devices that stand beside the application. They travel on a channel of the browser; see docs/formats.

/**
 * @typedef {{device: "tape", length_mm: number} | {device: "encoder", roller: "take-up", turns: number}} Message
 */

const name = "schwung-devices";

/** @param {Message} message */
export function send(message) {
  const channel = new BroadcastChannel(name);
  channel.postMessage(message);
  channel.close();
}

/** @param {(message: Message) => void} take */
export function listen(take) {
  const channel = new BroadcastChannel(name);
  channel.addEventListener("message", ({ data }) => {
    const isTape = data?.device === "tape" && Number.isFinite(data.length_mm);
    const isEncoder = data?.device === "encoder" && Number.isFinite(data.turns);
    if (isTape || isEncoder) {
      take(data);
    }
  });
}
