/** Said where teams cannot come in: the server listens to its own machine only. */
export function NotReached() {
  return (
    <div className="notice">
      <p className="notice-title">No other device can open it yet</p>
      <p>
        Bright Sprout listens to this computer only. Stop it, start it with <code>npm start -- --room</code>, and the address for
        the room stands here. Behind a server of your school, set <code>SPROUT_ADDRESS</code> to its address.
      </p>
    </div>
  );
}
