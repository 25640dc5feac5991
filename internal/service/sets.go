package service

import (
	"encoding/json"
	"errors"
	"fmt"
	"hash/fnv"
	"net/http"
	"slices"
	"strconv"
	"strings"
	"time"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/access"
	"pageladder.example/internal/answers"
	"pageladder.example/internal/body"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
	"pageladder.example/paging/rulesfile"
)

func infoOf(s *sets.Set, caller *access.Caller) api.SetInfo {
	info := api.SetInfo{Name: s.Name, Label: s.Label, Kind: "kept", Records: &s.Records, Version: &s.Version,
		ChangedAt: s.ChangedAt.UTC(), Open: s.Open, Fields: wireFields(s.Shown())}
	if s.Attached() {
		info.Kind, info.Records, info.Version = "attached", nil, nil
	} else if s.FixedFor(visibility(caller, s.Name)) != "" {
		info.Records = nil
	}
	if caller.May(access.Editor, s.Name) {
		for _, f := range wireFields(s.Fields) {
			if !slices.Contains(info.Fields, f) {
				info.Hidden = append(info.Hidden, f)
			}
		}
	}
	return info
}

func (s *Service) listSets(c *gin.Context) error {
	all, err := s.store.List(c.Request.Context())
	if err != nil {
		return err
	}
	caller := who(c)
	infos := []api.SetInfo{}
	for _, set := range all {
		if set.Open || caller.May(access.Reader, set.Name) {
			infos = append(infos, infoOf(set, caller))
		}
	}
	if len(infos) == 0 && caller.Role == access.Nobody {
		return errSignInFirst
	}
	s.private(c)
	c.PureJSON(http.StatusOK, api.SetList{Sets: infos})
	return nil
}

func (s *Service) readSet(c *gin.Context) error {
	set, err := s.setOf(c)
	if err != nil {
		return err
	}
	s.private(c)
	return s.sendSet(c, set, http.StatusOK)
}

func (s *Service) sendSet(c *gin.Context, set *sets.Set, status int) error {
	caller := who(c)
	info := infoOf(set, caller)
	info.Rules, info.Params = set.Rules, api.NamesOf(&set.Rules.Rules)
	if caller.May(access.Owner, set.Name) {
		info.Settings = &api.SetSettings{Fixed: set.Fixed, Remember: int64(set.Remember.Seconds()), Source: set.Source, Follow: set.Followed}
		if set.Followed {
			known := s.store.FollowKnown(set)
			info.Settings.Followed = &api.Followed{Exact: known.Exact, Since: known.Since.UTC(), Missing: known.Missing}
		}
		if !set.Attached() {
			indexes, err := s.store.Indexes(c.Request.Context(), set.Name)
			if err != nil {
				return err
			}
			info.Settings.Indexes = wireIndexes(indexes)
		}
	}
	c.PureJSON(status, info)
	return nil
}

// rememberOf reads for how long an attached set is remembered.
func rememberOf(seconds int64) (time.Duration, error) {
	if seconds < 0 || seconds > 7*24*3600 {
		return 0, &sets.ValueError{Field: "remember_s", Found: strconv.FormatInt(seconds, 10), Want: "0 to 604800 seconds"}
	}
	return time.Duration(seconds) * time.Second, nil
}

func (s *Service) changeSet(c *gin.Context) error {
	var change api.SettingsChange
	if err := body.JSON(c.Request, &change, "application/json", "application/merge-patch+json"); err != nil {
		return err
	}
	if set, err := s.setOf(c); err != nil {
		return err
	} else if change.Follow != nil && !set.Attached() {
		return sets.ErrNotAttached
	}
	set, err := s.store.Configure(c.Request.Context(), pathParam(c, "set"), func(now *sets.Settings) error {
		if change.Label != nil {
			now.Label = strings.TrimSpace(*change.Label)
		}
		if change.Remember != nil {
			var err error
			if now.Remember, err = rememberOf(*change.Remember); err != nil {
				return err
			}
		}
		if change.Follow != nil {
			now.Followed = *change.Follow
		}
		if change.Fixed != nil {
			now.Fixed = *change.Fixed
		}
		if change.Open != nil {
			now.Open = *change.Open
		}
		return nil
	})
	if err != nil {
		return err
	}
	return s.sendSet(c, set, http.StatusOK)
}

// readFollowing answers how a followed table is read, and the scripts for its owner.
func (s *Service) readFollowing(c *gin.Context) error {
	set, err := s.setOf(c)
	if err != nil {
		return err
	}
	state, err := s.store.FollowState(c.Request.Context(), set.Name)
	if err != nil {
		return err
	}
	s.private(c)
	f := api.Following{Follow: set.Followed, Exact: state.Exact, Since: state.Since.UTC(), Missing: append([]string{}, state.Missing...), Unkept: state.Unkept, Images: state.Images, Bytes: state.Bytes, Lag: state.Lag}
	switch follower, err := s.store.Follower(c.Request.Context(), set); {
	case errors.Is(err, sets.ErrNotFollowed), errors.Is(err, sets.ErrNotAttached):
		if len(f.Missing) == 0 {
			f.Missing = []string{err.Error()}
		}
	case err != nil:
		return err
	default:
		f.Script, f.Undo = follower.Script(), follower.Unscript()
	}
	c.PureJSON(http.StatusOK, f)
	return nil
}

func (s *Service) deleteSet(c *gin.Context) error {
	if err := s.store.Remove(c.Request.Context(), pathParam(c, "set")); err != nil {
		return err
	}
	c.Status(http.StatusNoContent)
	return nil
}

// rulesTag is the ETag of rules.
func rulesTag(r *rulesfile.Rules) (string, []byte, error) {
	text, err := json.MarshalIndent(r, "", "  ")
	if err != nil {
		return "", nil, err
	}
	h := fnv.New64a()
	h.Write(text)
	return fmt.Sprintf("%x", h.Sum64()), text, nil
}

func (s *Service) readRules(c *gin.Context) error {
	set, err := s.setOf(c)
	if err != nil {
		return err
	}
	return s.sendRules(c, set)
}

func (s *Service) sendRules(c *gin.Context, set *sets.Set) error {
	tag, text, err := rulesTag(set.Rules)
	if err != nil {
		return err
	}
	return s.send(c, answers.Of(append(text, '\n'), s.hosts.Public+c.Request.URL.EscapedPath(), `"`+tag+`"`))
}

var errStaleRules = errors.New("the rules are others by now; read them again")

func (s *Service) replaceRules(c *gin.Context) error {
	expected, err := ifMatchOf(c)
	if err != nil {
		return err
	}
	var raw json.RawMessage
	if err := body.JSON(c.Request, &raw, "application/json"); err != nil {
		return err
	}
	rules, err := rulesOf(raw)
	if err != nil {
		return err
	}
	set, err := s.store.Configure(c.Request.Context(), pathParam(c, "set"), func(now *sets.Settings) error {
		tag, _, err := rulesTag(now.Rules)
		if err == nil && tag != expected {
			return errStaleRules
		}
		now.Rules = rules
		return err
	})
	if err != nil {
		return err
	}
	return s.sendRules(c, set)
}

// rulesOf reads the rules of a body.
func rulesOf(raw json.RawMessage) (*rulesfile.Rules, error) {
	rules, err := rulesfile.Parse(raw)
	if err != nil {
		return nil, problem.FromRules(err)
	}
	return rules, nil
}
