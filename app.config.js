// The one thing of app.json that a setting changes: the path under which the application is served, such as BASE_PATH=/perch.
const UNDER = /^(\/[a-z0-9-]+)*$/;

module.exports = ({ config }) => {
  const baseUrl = process.env.BASE_PATH ?? "";
  if (!UNDER.test(baseUrl))
    throw new Error(
      `BASE_PATH is “${baseUrl}”; set it to a path such as /perch: a stroke first and none at the end, small letters, digits and hyphens.`,
    );
  return { ...config, experiments: { ...config.experiments, baseUrl } };
};
