/** What may be kept of a picture? Its pixels, and nothing that says where or by whom it was taken. */
export { plainJpeg } from "./jpeg";
